package zafu.server.corner;

import static zafu.server.platform.Words.inWords;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.AuditSubject;
import zafu.server.access.AuditTrail;
import zafu.server.corner.CornerApi.PostWritten;
import zafu.server.corner.CornerApi.TalkEdit;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;

/** Talk in a corner: adults begin it, all of the group say something, adults look after it. */
@Service
class Talks {
    /** More than a child writes by hand. */
    private static final int MOST_IN_A_MINUTE = 10;

    private final TalkRepository talks;
    private final TalkPostRepository posts;
    private final CornerAccess access;
    private final Roster roster;
    private final AuditTrail audit;
    private final Clock clock;

    Talks(
            TalkRepository talks,
            TalkPostRepository posts,
            CornerAccess access,
            Roster roster,
            AuditTrail audit,
            Clock clock) {
        this.talks = talks;
        this.posts = posts;
        this.access = access;
        this.roster = roster;
        this.audit = audit;
        this.clock = clock;
    }

    @Transactional
    long begin(long cornerId, TalkEdit wanted) {
        Corner corner = access.requireToChange(cornerId);
        Talk made = new Talk();
        made.cornerId = cornerId;
        made.title = wanted.title().strip();
        made.postFirst = wanted.postFirst();
        made.madeBy = access.adultId();
        made.madeAt = clock.instant();
        talks.save(made);
        told(corner, "talk.begun", made.id, made.title);
        return made.id;
    }

    @Transactional
    void change(long talkId, TalkEdit wanted) {
        access.adultId();
        Talk talk = require(talkId);
        Corner corner = access.requireToChange(talk.cornerId);
        Corners.requireSame(talk.version, wanted.version(), "talk");
        talk.title = wanted.title().strip();
        talk.postFirst = wanted.postFirst();
        if (wanted.closed() != (talk.closedAt != null)) {
            talk.closedAt = wanted.closed() ? clock.instant() : null;
        }
        talks.saveAndFlush(talk);
        told(corner, wanted.closed() ? "talk.closed" : "talk.changed", talkId, talk.title);
    }

    @Transactional
    long postAsAdult(long talkId, PostWritten wanted) {
        access.adultId();
        Talk talk = require(talkId);
        Corner corner = access.requireToChange(talk.cornerId);
        if (wanted.onlyFor() != null && !roster.isIn(corner.classId, wanted.onlyFor())) {
            throw Refusal.notFound("student");
        }
        TalkPost made = new TalkPost();
        made.adultId = access.adultId();
        made.onlyFor = wanted.onlyFor();
        return keep(corner, talk, made, wanted.text());
    }

    @Transactional
    void postAsStudent(long talkId, String text) {
        long student = access.studentId();
        Talk talk = require(talkId);
        Corner corner = access.requireMine(talk.cornerId);
        if (talk.closedAt != null) {
            throw Refusal.conflict("talk-closed", inWords("everyone.this-talk-is-closed-nothing-more"));
        }
        if (posts.countByStudentIdAndPostedAtAfter(student, clock.instant().minus(Duration.ofMinutes(1)))
                >= MOST_IN_A_MINUTE) {
            throw Refusal.tooOften(inWords("everyone.that-was-a-lot-at-once-wait-a"));
        }
        TalkPost made = new TalkPost();
        made.studentId = student;
        keep(corner, talk, made, text);
    }

    private long keep(Corner corner, Talk talk, TalkPost made, String text) {
        made.talkId = talk.id;
        made.text = cleaned(text);
        made.postedAt = clock.instant();
        posts.save(made);
        // Not what was said: the words go with the student when they are erased, this line stays.
        told(corner, "post.made", made.id, talk.title);
        return made.id;
    }

    /** Plain words: what only steers the direction or the look of the letters around is left out. */
    private static String cleaned(String text) {
        String kept = text.strip()
                .replaceAll("[\\p{Cc}&&[^\\n\\t]]", "")
                .replaceAll("[\\u202A-\\u202E\\u2066-\\u2069]", "")
                .replaceAll("(\\p{M}{4})\\p{M}+", "$1");
        if (kept.isBlank()) {
            throw Refusal.unusableField("nothing-said", "text", inWords("everyone.write-something-first"));
        }
        return kept;
    }

    @Transactional
    void report(long postId) {
        long student = access.studentId();
        TalkPost post = posts.findById(postId).orElseThrow(() -> Refusal.notFound("post"));
        Corner corner = access.requireMine(require(post.talkId).cornerId);
        if (post.reportedAt == null && post.hiddenAt == null) {
            post.reportedAt = clock.instant();
            post.reportedBy = student;
            posts.save(post);
            told(corner, "post.reported", postId, "");
        }
    }

    @Transactional
    void hide(long postId, boolean hidden) {
        access.adultId();
        TalkPost post = posts.findById(postId).orElseThrow(() -> Refusal.notFound("post"));
        Corner corner = access.requireToChange(require(post.talkId).cornerId);
        post.hiddenAt = hidden ? clock.instant() : null;
        post.reportedAt = null;
        post.reportedBy = null;
        posts.save(post);
        told(corner, hidden ? "post.hidden" : "post.shown", postId, "");
    }

    private Talk require(long talkId) {
        return talks.findById(talkId).orElseThrow(() -> Refusal.notFound("talk"));
    }

    private void told(Corner corner, String what, long subject, String facts) {
        audit.note(corner.classId, what, subject, facts, Set.of(AuditSubject.group(corner.groupId)));
        access.tell(corner.classId, List.of(corner));
    }
}
