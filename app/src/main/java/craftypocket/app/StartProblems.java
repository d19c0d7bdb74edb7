package craftypocket.app;

import craftypocket.app.folder.FolderRefused;
import org.springframework.boot.SpringBootExceptionReporter;
import org.springframework.boot.web.server.PortInUseException;

/** Tells why the program cannot start in one sentence, where that is something its user can mend. */
final class StartProblems implements SpringBootExceptionReporter {

    @Override
    public boolean reportException(Throwable failure) {
        String sentence = sentence(failure);
        if (sentence != null) {
            System.err.println(sentence);
        }
        return sentence != null;
    }

    /** What to tell, or null when it is nothing that was foreseen. */
    static String sentence(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof FolderRefused refused) {
                return refused.getMessage();
            }
            if (String.valueOf(cause.getMessage()).contains("No space left on device")) {
                return "The disk is full: Crafty Pocket cannot start on it. Make some room, or choose another folder: "
                        + "./start --data FOLDER";
            }
            if (cause instanceof PortInUseException taken) {
                return "Port " + taken.getPort() + " is taken by another program, or by another Crafty Pocket. "
                        + "Choose another: ./start --port " + (taken.getPort() + 1);
            }
        }
        return null;
    }
}
