package zafu.server.platform;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.Principal;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** How far a piece of work is that one waits for, and stopping it. */
@RestController
class LongWorkController {
    private final LongWork work;

    LongWorkController(LongWork work) {
        this.work = work;
    }

    /** @param total steps known so far; 0 while that is not known, as before the work begins and after it ends */
    record WorkShown(int done, int total) {}

    @GetMapping("/api/under-way/{workKey}")
    WorkShown shown(@PathVariable String workKey, Principal asking) {
        return work.of(workKey, asking.getName())
                .map(task -> new WorkShown(task.done(), task.total()))
                .orElseGet(() -> new WorkShown(0, 0));
    }

    @PostMapping("/api/under-way/{workKey}/stop")
    void stop(@PathVariable String workKey, Principal asking) {
        work.of(workKey, asking.getName())
                .orElseThrow(() -> Refusal.notFound("work under way"))
                .stop();
    }

    /** Binds a request that names its work to that work for as long as it lasts. */
    @Configuration
    static class KeyReading implements WebMvcConfigurer, HandlerInterceptor {
        private static final String HEADER = "Work-Key";
        private final LongWork work;

        KeyReading(LongWork work) {
            this.work = work;
        }

        @Override
        public void addInterceptors(InterceptorRegistry registry) {
            registry.addInterceptor(this).addPathPatterns("/api/**");
        }

        @Override
        public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
            Principal asking = request.getUserPrincipal();
            if (asking != null) {
                key(request).ifPresent(key -> work.begin(key, asking.getName()));
            }
            return true;
        }

        @Override
        public void afterCompletion(
                HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable Exception failed) {
            key(request).ifPresent(work::end);
        }

        private static Optional<String> key(HttpServletRequest request) {
            return Optional.ofNullable(request.getHeader(HEADER));
        }
    }
}
