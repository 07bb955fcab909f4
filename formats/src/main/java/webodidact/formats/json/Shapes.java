package webodidact.formats.json;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.databind.JavaType;
import com.fasterxml.jackson.databind.cfg.MapperConfig;
import com.fasterxml.jackson.databind.introspect.Annotated;
import com.fasterxml.jackson.databind.introspect.AnnotatedClass;
import com.fasterxml.jackson.databind.introspect.AnnotatedMember;
import com.fasterxml.jackson.databind.introspect.NopAnnotationIntrospector;
import com.fasterxml.jackson.databind.jsontype.NamedType;
import com.fasterxml.jackson.databind.jsontype.TypeResolverBuilder;
import com.fasterxml.jackson.databind.jsontype.impl.StdTypeResolverBuilder;
import com.fasterxml.jackson.databind.util.StdConverter;
import java.util.List;
import java.util.Map;
import java.util.Set;
import webodidact.core.food.OwnFood;
import webodidact.core.lesson.BenchEdits;
import webodidact.core.lesson.Course;
import webodidact.core.lesson.Cover;
import webodidact.core.lesson.FoodLine;
import webodidact.core.lesson.Lesson;
import webodidact.core.lesson.Sets;
import webodidact.core.lesson.Step;
import webodidact.core.lesson.Yield;

/**
 * Where a record in a file differs from its fields. Said as code: the first use of each kind of annotation makes a class,
 * and together they cost a tenth of a short command's time.
 */
final class Shapes extends NopAnnotationIntrospector {
    private static final long serialVersionUID = 1L;

    /** What a file holds besides the record's own fields, and what a record can say that a file need not. */
    private static final Map<Class<?>, Set<String>> LEFT_OUT = Map.of(
            Step.Draft.class, Set.of("handsOn", "format"),
            Course.class, Set.of("handsOn", "format"),
            Lesson.class, Set.of("format"),
            // A file has what somebody said; what is assumed until then is not written.
            Yield.class, Set.of("assumed"),
            FoodLine.class, Set.of("handsOn"));

    private static final JsonInclude.Value WHOLE =
            JsonInclude.Value.construct(JsonInclude.Include.NON_NULL, JsonInclude.Include.USE_DEFAULTS);

    private static final Map<Class<?>, Map<String, JsonInclude.Value>> WRITTEN = Map.of(
            // "Read, and it names nothing" is not the same as "nobody has read it".
            FoodLine.class, Map.of("labelSays", WHOLE),
            // The second of air itself is a time like any other; none is not.
            BenchEdits.Job.class, Map.of("at", WHOLE, "done", WHOLE),
            // A lesson made once, on camera, needs no word about sets; nor does a yield that nobody said.
            Lesson.class, Map.of("sets", unless(UsualSets.class), "makes", unless(NobodySaid.class)));

    private static final JsonTypeInfo.Value BY_WAY =
            JsonTypeInfo.Value.construct(JsonTypeInfo.Id.NAME, JsonTypeInfo.As.PROPERTY, "way", null, false, true);

    private static final List<NamedType> WAYS = List.of(
            new NamedType(Cover.Stay.class, "stay"),
            new NamedType(Cover.CarryOn.class, "carry-on"),
            new NamedType(Cover.Cut.class, "cut"),
            new NamedType(Cover.ReadyCopy.class, "ready-copy"),
            new NamedType(Cover.SpeedUp.class, "speed-up"),
            new NamedType(Cover.Elsewhere.class, "elsewhere"));

    private static JsonInclude.Value unless(Class<?> usual) {
        return JsonInclude.Value.construct(JsonInclude.Include.CUSTOM, null, usual, null);
    }

    @Override
    public JsonIgnoreProperties.Value findPropertyIgnoralByName(MapperConfig<?> config, Annotated of) {
        var names = LEFT_OUT.get(of.getRawType());
        return of instanceof AnnotatedClass && names != null
                ? JsonIgnoreProperties.Value.forIgnoredProperties(names)
                : JsonIgnoreProperties.Value.empty();
    }

    @Override
    public JsonInclude.Value findPropertyInclusion(Annotated of) {
        if (of instanceof AnnotatedClass) return of.getRawType() == OwnFood.class ? WHOLE : JsonInclude.Value.empty();
        return of instanceof AnnotatedMember member
                ? WRITTEN.getOrDefault(member.getDeclaringClass(), Map.of())
                        .getOrDefault(member.getName(), JsonInclude.Value.empty())
                : JsonInclude.Value.empty();
    }

    @Override
    public JsonTypeInfo.Value findPolymorphicTypeInfo(MapperConfig<?> config, Annotated of) {
        return isCover(of) ? BY_WAY : null;
    }

    @Override
    public TypeResolverBuilder<?> findTypeResolver(MapperConfig<?> config, AnnotatedClass of, JavaType type) {
        return isCover(of) ? new StdTypeResolverBuilder().init(BY_WAY, null) : null;
    }

    @Override
    public List<NamedType> findSubtypes(Annotated of) {
        return of.getRawType() == Cover.class ? WAYS : null;
    }

    private static boolean isCover(Annotated of) {
        return of instanceof AnnotatedClass && Cover.class.isAssignableFrom(of.getRawType());
    }

    @Override
    public Object findSerializationConverter(Annotated of) {
        return isStep(of) ? ToDraft.class : null;
    }

    @Override
    public Object findDeserializationConverter(Annotated of) {
        return isStep(of) ? FromDraft.class : null;
    }

    /** A file has the fields of a step flat, as its draft has them. */
    private static boolean isStep(Annotated of) {
        return of instanceof AnnotatedClass && of.getRawType() == Step.class;
    }

    static final class ToDraft extends StdConverter<Step, Step.Draft> {
        @Override
        public Step.Draft convert(Step step) {
            return new Step.Draft(step);
        }
    }

    static final class FromDraft extends StdConverter<Step.Draft, Step> {
        @Override
        public Step convert(Step.Draft draft) {
            return draft.step();
        }
    }

    /** Equal to what is not written; Jackson asks it so. */
    static final class NobodySaid {
        @Override
        public boolean equals(Object other) {
            return other == null || other instanceof Yield y && y.assumed();
        }

        @Override
        public int hashCode() {
            return 0;
        }
    }

    /** Equal to what is not written; Jackson asks it so. */
    static final class UsualSets {
        @Override
        public boolean equals(Object other) {
            return other == null || Sets.NONE.equals(other);
        }

        @Override
        public int hashCode() {
            return 0;
        }
    }
}
