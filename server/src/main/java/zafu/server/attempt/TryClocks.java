package zafu.server.attempt;

import static zafu.server.platform.Words.inWords;
import static zafu.server.platform.Words.keptWords;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.schedule.TryTime;
import zafu.server.access.AuditSubject;
import zafu.server.access.AuditTrail;
import zafu.server.attempt.MyWorkApi.TryClock;
import zafu.server.platform.Refusal;

/** The clock of a running try: what it says, breaks, and minutes that a teacher adds. Rule 4. */
@Service
class TryClocks {
    private static final int MOST_ADDED = 600;
    private final AttemptRepository attempts;
    private final AttemptAccess access;
    private final OwnTries own;
    private final TryNews news;
    private final AuditTrail audit;
    private final Clock clock;

    TryClocks(
            AttemptRepository attempts,
            AttemptAccess access,
            OwnTries own,
            TryNews news,
            AuditTrail audit,
            Clock clock) {
        this.attempts = attempts;
        this.access = access;
        this.own = own;
        this.news = news;
        this.audit = audit;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    TryClock of(long tryId) {
        return shown(own.require(tryId), clock.instant());
    }

    static TryClock shown(Attempt attempt, Instant now) {
        TryTime time = attempt.time();
        return new TryClock(
                now,
                attempt.endsAt,
                attempt.minutes,
                attempt.addedMinutes,
                time.isOnBreakAt(now) ? time.breaks().until().orElse(null) : null,
                attempt.isRunning() ? time.breakLeftAt(now).toSeconds() : 0,
                time.workLeftAt(now).map(Duration::toSeconds).orElse(null),
                !attempt.isRunning() || attempt.isOverAt(now));
    }

    /** Beginning a break that goes on already, or ending none, changes nothing. */
    @Transactional
    TryClock takeBreak(long tryId, boolean begin) {
        Attempt mine = own.requireToChange(tryId);
        Instant now = clock.instant();
        if (!mine.isRunning() || mine.isOverAt(now)) {
            throw Refusal.conflict("try-over", inWords("everyone.this-is-handed-in-already-there-is"));
        }
        if (begin && mine.time().breakLeftAt(now).isZero()) {
            throw Refusal.conflict("no-break-left", inWords("everyone.there-is-no-break-left-in-this-one"));
        }
        mine.take(begin ? mine.time().pausedAt(now) : mine.time().resumedAt(now));
        attempts.save(mine);
        news.tellAll(mine);
        return shown(mine, now);
    }

    /** @param minutes more than before; less takes back what was added, never below what was granted at the start */
    @Transactional
    void addMinutes(long tryId, int minutes) {
        Attempt running = access.requireToChange(tryId);
        if (!running.isRunning() || running.isOverAt(clock.instant())) {
            throw Refusal.conflict("try-over", inWords("attempt.this-attempt-is-over-already"));
        }
        if (running.minutes == null) {
            throw Refusal.conflict("no-limit", inWords("attempt.this-attempt-has-no-time-limit-so"));
        }
        int added = running.addedMinutes + minutes;
        if (added < 0 || added > MOST_ADDED) {
            throw Refusal.unusable(
                    "minutes-out-of-range", inWords("attempt.between-and-minutes-can-be-added", "most", MOST_ADDED));
        }
        running.addedMinutes = added;
        running.take(running.time());
        attempts.save(running);
        audit.note(
                access.classOf(running),
                minutes < 0 ? "try.minutes-taken-back" : "try.minutes-added",
                running.studentId,
                keptWords("attempt.minutes", "minutes", minutes),
                Set.of(AuditSubject.task(running.taskId)));
        news.tellAll(running);
    }
}
