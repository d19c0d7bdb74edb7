package craftypocket.app.http;

import java.io.IOException;
import java.time.Duration;
import java.util.Set;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.converter.HttpMessageConverters;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;

/** Serves the front end. Every address that is no file and no interface is a view of the one page. */
@Configuration
class FrontEndFiles implements WebMvcConfigurer {

    /** The description of the interface brings a reader of YAML along, which would then read whatever is sent. */
    @Override
    public void configureMessageConverters(HttpMessageConverters.ServerBuilder converters) {
        converters.configureMessageConvertersList(list -> list.removeIf(each -> each.getSupportedMediaTypes().stream()
                .anyMatch(type -> type.getSubtype().contains("yaml"))));
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable());
        registry.addResourceHandler("/**")
                .addResourceLocations("classpath:/static/")
                .setCacheControl(CacheControl.noCache())
                .resourceChain(false)
                .addResolver(new OnePage());
    }

    /** Below these there are no views. */
    private static final Set<String> NO_VIEWS = Set.of("api", "v3", "actuator", "error", "assets");

    private static final class OnePage extends PathResourceResolver {

        @Override
        protected Resource getResource(String path, Resource location) throws IOException {
            Resource file = super.getResource(path, location);
            if (file != null) {
                return file;
            }
            boolean view = NO_VIEWS.stream().noneMatch(path::startsWith) && !path.contains(".");
            return view ? new ClassPathResource("/static/index.html") : null;
        }
    }
}
