package craftypocket.app;

import craftypocket.app.folder.DataFolder;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Says where the program is, once it is there. */
@Component
class Announcement {

    private final DataFolder folder;

    Announcement(DataFolder folder) {
        this.folder = folder;
    }

    @EventListener
    void ready(ApplicationReadyEvent ready) {
        if (ready.getApplicationContext() instanceof WebServerApplicationContext web) {
            String address = "http://127.0.0.1:" + web.getWebServer().getPort();
            folder.announce(address);
            System.out.println("Crafty Pocket is at " + address + " (Ctrl+C ends it).");
            if (folder.readOnly()) {
                System.out.println("The folder of your routines is read-only: nothing will be saved.");
            }
        }
    }
}
