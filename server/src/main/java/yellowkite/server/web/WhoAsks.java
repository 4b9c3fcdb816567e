package yellowkite.server.web;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Gives a controller the {@link Author} of a request, or the {@link Change} that it asks for: the one place that knows how either is said.
 */
@Configuration(proxyBeanMethods = false)
class WhoAsks implements WebMvcConfigurer, HandlerMethodArgumentResolver {
    @Override
    public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
        resolvers.add(this);
    }

    @Override
    public boolean supportsParameter(MethodParameter parameter) {
        return parameter.getParameterType() == Author.class || parameter.getParameterType() == Change.class;
    }

    @Override
    public Object resolveArgument(MethodParameter parameter, @Nullable ModelAndViewContainer container, NativeWebRequest request,
            @Nullable WebDataBinderFactory binders) {
        var header = request.getHeader(Author.HEADER);
        var author = Author.of(header == null ? "" : header);
        return parameter.getParameterType() == Author.class ? author : Change.of(author, request.getHeader(Change.HEADER));
    }
}
