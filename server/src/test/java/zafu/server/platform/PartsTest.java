package zafu.server.platform;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import org.junit.jupiter.api.Test;

class PartsTest {
    @Test
    void everythingThatZafuIsMadeOfIsNamedWithItsLicence() {
        assertThat(new Parts().all())
                .extracting(Parts.Part::name, Parts.Part::licence)
                .contains(tuple("react", "MIT"), tuple("lucene-core", "Apache-2.0"));
        assertThat(new Parts().all())
                .noneMatch(part -> part.name().startsWith("zafu"))
                .allSatisfy(part -> assertThat(part.licence()).as(part.name()).isNotBlank());
    }
}
