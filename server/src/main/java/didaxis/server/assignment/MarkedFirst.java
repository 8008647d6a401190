package didaxis.server.assignment;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** What learners have sent is marked before a teacher is answered: nobody who may see marks finds a sheet without. */
@Configuration(proxyBeanMethods = false)
class MarkedFirst implements WebMvcConfigurer {
    private final Remarking remarking;

    MarkedFirst(Remarking remarking) {
        this.remarking = remarking;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(new HandlerInterceptor() {
                    @Override
                    public boolean preHandle(
                            HttpServletRequest request, HttpServletResponse response, Object controller) {
                        remarking.finish();
                        return true;
                    }
                })
                .addPathPatterns("/api/assignments/**", "/api/classes/**");
    }
}
