package craftypocket.app.folder;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Refuses what would write to a folder that cannot be written, before anything is begun. */
@Configuration
class FolderGuard implements WebMvcConfigurer, HandlerInterceptor {

    private final FolderState folder;

    FolderGuard(FolderState folder) {
        this.folder = folder;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        boolean stores =
                handler instanceof HandlerMethod method && method.getBeanType().isAnnotationPresent(StoresData.class);
        boolean reads = request.getMethod().equals("GET") || request.getMethod().equals("HEAD");
        if (stores && !reads) {
            folder.requireWritable();
        }
        return true;
    }
}
