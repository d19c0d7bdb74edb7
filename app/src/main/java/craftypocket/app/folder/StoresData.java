package craftypocket.app.folder;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** Whatever this controller does, but for reading, writes to the data folder; it is refused while nothing can be saved. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
public @interface StoresData {}
