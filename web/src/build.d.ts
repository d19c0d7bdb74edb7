/** The version of the program, put in by the build. */
declare const __VERSION__: string

/** The words of a language that the first page does not say. */
declare module '*.json?later' {
  const words: Record<string, object>
  export default words
}
