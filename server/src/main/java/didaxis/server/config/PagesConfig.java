package didaxis.server.config;

import java.io.IOException;
import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;

/** The screens are one page: every address that is no file and no API is answered with it. */
@Configuration(proxyBeanMethods = false)
class PagesConfig implements WebMvcConfigurer {
    private static final String FILES = "classpath:/static/";

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        // Vite names these by their content, so they never change.
        registry.addResourceHandler("/assets/**")
                .addResourceLocations(FILES + "assets/")
                .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable());
        registry.addResourceHandler("/**")
                .addResourceLocations(FILES)
                .setCacheControl(CacheControl.noCache())
                .resourceChain(false)
                .addResolver(new PathResourceResolver() {
                    @Override
                    protected Resource getResource(String path, Resource location) throws IOException {
                        Resource file = super.getResource(path, location);
                        if (file != null) return file;
                        boolean page = !path.matches("(api|actuator|v3|assets)(/.*)?")
                                && !path.substring(path.lastIndexOf('/') + 1).contains(".");
                        return page ? new ClassPathResource("/static/index.html") : null;
                    }
                });
    }
}
