package zafu.server.access;

import org.springframework.boot.autoconfigure.condition.ConditionalOnMissingBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.CsrfConfigurer;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.AnonymousAuthenticationFilter;
import org.springframework.security.web.authentication.HttpStatusEntryPoint;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.header.writers.CrossOriginOpenerPolicyHeaderWriter;
import org.springframework.security.web.header.writers.CrossOriginResourcePolicyHeaderWriter;
import zafu.server.platform.ContentPolicy;

/** The outer wall: pages for everybody, the students' API for students, pictures for both, all other API for adults. */
@Configuration
class SecurityConfiguration {
    /** Nothing of the device is wanted; texts are read aloud without asking for any of it. */
    private static final String NO_DEVICES =
            "camera=(), microphone=(), geolocation=(), payment=(), usb=(), bluetooth=(), serial=(), midi=(), display-capture=()";

    /** Pictures of the library: one address on the page of a student and of an adult who looks at it. */
    private static final String FOR_ALL_WHO_ARE_SIGNED_IN = "/api/files/*";

    @Bean
    SecurityFilterChain wall(HttpSecurity http, SecurityContextRepository contexts, Credentials credentials)
            throws Exception {
        return http.authorizeHttpRequests(requests -> requests.requestMatchers(
                                "/api/session",
                                "/api/invited/*",
                                "/api/sign-in/**",
                                "/api/sign-out",
                                "/api/first-run",
                                "/api/join",
                                "/api/join/**")
                        .permitAll()
                        .requestMatchers("/api/my/**")
                        .hasRole("STUDENT")
                        .requestMatchers("/api/account/password")
                        .hasAnyRole("ADULT", "ADULT_WITH_GIVEN_PASSWORD")
                        .requestMatchers(FOR_ALL_WHO_ARE_SIGNED_IN)
                        .hasAnyRole("ADULT", "STUDENT")
                        .requestMatchers("/api/**")
                        .hasRole("ADULT")
                        .anyRequest()
                        .permitAll())
                .addFilterBefore(new StillSignedIn(credentials), AnonymousAuthenticationFilter.class)
                .securityContext(context -> context.securityContextRepository(contexts))
                .csrf(CsrfConfigurer::spa)
                .requestCache(cache -> cache.disable())
                .exceptionHandling(problems ->
                        problems.authenticationEntryPoint(new HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED)))
                .headers(headers -> headers.contentSecurityPolicy(
                                policy -> policy.policyDirectives(ContentPolicy.STRICT))
                        .referrerPolicy(Customizer.withDefaults())
                        .permissionsPolicyHeader(policy -> policy.policy(NO_DEVICES))
                        .crossOriginOpenerPolicy(policy ->
                                policy.policy(CrossOriginOpenerPolicyHeaderWriter.CrossOriginOpenerPolicy.SAME_ORIGIN))
                        .crossOriginResourcePolicy(policy -> policy.policy(
                                CrossOriginResourcePolicyHeaderWriter.CrossOriginResourcePolicy.SAME_ORIGIN)))
                .build();
    }

    @Bean
    SecurityContextRepository securityContextRepository() {
        return new HttpSessionSecurityContextRepository();
    }

    @Bean
    @ConditionalOnMissingBean
    PasswordEncoder passwordEncoder() {
        return PasswordEncoderFactories.createDelegatingPasswordEncoder();
    }

    /** Accounts are opened by {@link SessionController} alone; without this bean the framework would make one up. */
    @Bean
    UserDetailsService nobodyElse() {
        return name -> {
            throw new UsernameNotFoundException(name);
        };
    }
}
