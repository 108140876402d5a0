package zafu.server.wish;

import static zafu.server.platform.Words.inWords;

import java.time.Clock;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.access.CurrentPerson;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;
import zafu.server.roster.StudentPart;
import zafu.server.roster.StudentsChanged;

/** Asks a class what it would like, and gathers the replies. */
@Service
class Surveys implements StudentPart {
    private final SurveyRepository surveys;
    private final SurveyOptionRepository options;
    private final SurveyReplyRepository replies;
    private final Roster roster;
    private final ClassPermission permission;
    private final CurrentPerson current;
    private final AuditTrail audit;
    private final Clock clock;
    private final ApplicationEventPublisher events;

    Surveys(
            SurveyRepository surveys,
            SurveyOptionRepository options,
            SurveyReplyRepository replies,
            Roster roster,
            ClassPermission permission,
            CurrentPerson current,
            AuditTrail audit,
            Clock clock,
            ApplicationEventPublisher events) {
        this.surveys = surveys;
        this.options = options;
        this.replies = replies;
        this.roster = roster;
        this.permission = permission;
        this.current = current;
        this.audit = audit;
        this.clock = clock;
        this.events = events;
    }

    @Transactional(readOnly = true)
    List<WishApi.SurveyShown> ofClass(long classId) {
        permission.requireSee(classId);
        Set<Long> members = new HashSet<>(members(classId));
        List<Survey> found = surveys.findByClassIdOrderByIdDesc(classId);
        Map<Long, List<SurveyOption>> optionsOf = optionsOf(found);
        Map<Long, List<SurveyReply>> repliesOf =
                replies.findBySurveyIdIn(found.stream().map(each -> each.id).toList()).stream()
                        .filter(each -> members.contains(each.studentId))
                        .collect(Collectors.groupingBy(each -> each.surveyId));
        return found.stream()
                .map(survey -> shown(
                        survey,
                        optionsOf.getOrDefault(survey.id, List.of()),
                        repliesOf.getOrDefault(survey.id, List.of()),
                        members.size()))
                .toList();
    }

    private List<Long> members(long classId) {
        return roster.studentsOf(classId).stream().map(Roster.StudentName::id).toList();
    }

    private Map<Long, List<SurveyOption>> optionsOf(List<Survey> found) {
        return options
                .findBySurveyIdInOrderByPlace(
                        found.stream().map(each -> each.id).toList())
                .stream()
                .collect(Collectors.groupingBy(each -> each.surveyId));
    }

    private static WishApi.SurveyShown shown(
            Survey survey, List<SurveyOption> options, List<SurveyReply> replies, int members) {
        return new WishApi.SurveyShown(
                survey.id,
                survey.question,
                survey.closed,
                options.stream()
                        .map(option -> new WishApi.OptionShown(option.id, option.words, chosen(option.id, replies)))
                        .toList(),
                replies.stream()
                        .map(each -> new WishApi.ReplyShown(each.studentId, each.options(), each.filledInBy != null))
                        .toList(),
                members - replies.size());
    }

    private static List<Integer> chosen(long option, List<SurveyReply> replies) {
        List<Integer> chosen = new ArrayList<>();
        for (int rank = 0; rank < 3; rank++) {
            int place = rank;
            chosen.add((int) replies.stream()
                    .filter(each ->
                            each.options().size() > place && each.options().get(place) == option)
                    .count());
        }
        return chosen;
    }

    @Transactional
    long ask(long classId, WishApi.NewSurvey wanted) {
        permission.requireChange(classId);
        List<String> distinct =
                wanted.options().stream().map(String::strip).distinct().toList();
        if (distinct.size() < wanted.options().size()) {
            throw Refusal.unusableField("options-alike", "options", inWords("wish.two-options-are-alike-give-each"));
        }
        Survey survey = new Survey();
        survey.classId = classId;
        survey.question = wanted.question().strip();
        survey.madeAt = clock.instant();
        long id = surveys.save(survey).id;
        for (int place = 0; place < distinct.size(); place++) {
            SurveyOption option = new SurveyOption();
            option.surveyId = id;
            option.place = place;
            option.words = distinct.get(place);
            options.save(option);
        }
        audit.note(classId, "survey.asked", id, survey.question);
        return id;
    }

    @Transactional
    void close(long classId, long surveyId, boolean closed) {
        permission.requireChange(classId);
        Survey survey = require(classId, surveyId);
        survey.closed = closed;
        surveys.save(survey);
        audit.note(classId, closed ? "survey.closed" : "survey.opened", surveyId, "");
    }

    private Survey require(long classId, long surveyId) {
        return surveys.findById(surveyId)
                .filter(each -> each.classId == classId)
                .orElseThrow(() -> Refusal.notFound("survey"));
    }

    @Transactional
    void fillIn(long classId, long surveyId, long studentId, List<Long> ranked) {
        permission.requireChange(classId);
        require(classId, surveyId);
        if (!roster.isIn(classId, studentId)) {
            throw Refusal.notFound("student");
        }
        keep(surveyId, studentId, ranked, current.adult().adultId());
        audit.note(classId, "student.survey-filled-in", studentId, "survey " + surveyId);
    }

    @Transactional(readOnly = true)
    List<MySurveyApi.MySurvey> mine() {
        long student = current.studentId();
        List<Survey> open = surveys.findByClassIdInAndClosedFalseOrderById(roster.classesOf(student));
        Map<Long, List<SurveyOption>> optionsOf = optionsOf(open);
        Map<Long, List<Long>> ranked = replies.findByStudentId(student).stream()
                .collect(Collectors.toMap(each -> each.surveyId, SurveyReply::options));
        return open.stream()
                .map(survey -> new MySurveyApi.MySurvey(
                        survey.id,
                        survey.question,
                        optionsOf.getOrDefault(survey.id, List.of()).stream()
                                .map(option -> new MySurveyApi.MyOption(option.id, option.words))
                                .toList(),
                        ranked.getOrDefault(survey.id, List.of())))
                .toList();
    }

    @Transactional
    void reply(long surveyId, List<Long> ranked) {
        long student = current.studentId();
        Survey survey = surveys.findById(surveyId)
                .filter(each -> roster.classesOf(student).contains(each.classId))
                .orElseThrow(() -> Refusal.notFound("question"));
        if (survey.closed) {
            throw Refusal.conflict("survey-closed", inWords("everyone.your-teacher-is-no-longer"));
        }
        keep(surveyId, student, ranked, null);
        events.publishEvent(new StudentsChanged(survey.classId));
    }

    private void keep(long surveyId, long studentId, List<Long> ranked, @Nullable Long filledInBy) {
        Set<Long> own = options.findBySurveyIdInOrderByPlace(List.of(surveyId)).stream()
                .map(option -> option.id)
                .collect(Collectors.toSet());
        if (!own.containsAll(ranked) || new HashSet<>(ranked).size() < ranked.size()) {
            throw Refusal.unusable("ranked-wrongly", inWords("everyone.choose-up-to-three-different"));
        }
        SurveyReply reply =
                replies.findBySurveyIdAndStudentId(surveyId, studentId).orElseGet(SurveyReply::new);
        reply.surveyId = surveyId;
        reply.studentId = studentId;
        reply.rank(ranked);
        reply.repliedAt = clock.instant();
        reply.filledInBy = filledInBy;
        replies.save(reply);
    }

    @Override
    public String name() {
        return "wishes";
    }

    @Override
    public Object of(long studentId) {
        return replies.findByStudentId(studentId).stream()
                .map(each -> Map.of("survey", each.surveyId, "ranked", each.options()))
                .toList();
    }

    @Override
    public void erase(long studentId) {
        replies.deleteAll(replies.findByStudentId(studentId));
    }
}
