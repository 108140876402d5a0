package zafu.server.calendar;

import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.AdultAccounts;
import zafu.server.ease.LanguageOfStudent;
import zafu.server.platform.SpokenLanguage;

/** A calendar program says nothing about languages; whoever has a feed reads it as they read their pages. */
@Component
class LanguageOfFeed {
    private final CalendarFeedRepository feeds;
    private final AdultAccounts accounts;
    private final LanguageOfStudent students;

    LanguageOfFeed(CalendarFeedRepository feeds, AdultAccounts accounts, LanguageOfStudent students) {
        this.feeds = feeds;
        this.accounts = accounts;
        this.students = students;
    }

    /** Empty where no feed is at this address; the first that Zafu speaks where its reader has chosen none. */
    @Transactional(readOnly = true)
    Optional<String> at(String address) {
        return feeds.findByAddressAndRevokedAtIsNull(address).map(this::of);
    }

    private String of(CalendarFeed feed) {
        return feed.studentId != null
                ? students.of(feed.studentId)
                : accounts.language(feed.adultId).orElse(SpokenLanguage.FIRST);
    }
}
