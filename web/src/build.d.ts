/** The version of the program, put in by the build. */
declare const __VERSION__: string
