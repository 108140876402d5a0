package zafu.server.platform;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.hibernate.annotations.IdGeneratorType;

/**
 * An id that stands in addresses and says nothing: neither how many there are nor what came before. Fewer than 2^53, so
 * that a browser can hold it as a number.
 */
@IdGeneratorType(UnguessableIds.class)
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.FIELD)
public @interface UnguessableId {}
