package wexilla.core.plan;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Locale;
import wexilla.core.food.Diet;
import wexilla.core.food.facts.Allergen;
import wexilla.core.food.facts.Caution;
import wexilla.core.people.Flag;
import wexilla.core.quantity.Amount;
import wexilla.core.quantity.text.CookWords;

/**
 * What a rule found about an evening: about whom or what, by how much, and how much it counts. Equal findings are equal,
 * so that two plans are compared by them. A {@link Remark} only words it.
 */
public sealed interface Judgement
        permits Judgement.PastLimit,
                Judgement.NotThere,
                Judgement.ToBuy,
                Judgement.Thawing,
                Judgement.TooLong,
                Judgement.MustNotEat,
                Judgement.NotOfDiet,
                Judgement.NotSaid,
                Judgement.Look,
                Judgement.NotFor,
                Judgement.ServedWithout,
                Judgement.Disliked,
                Judgement.TooHot,
                NotAtOnce,
                NoRoom,
                ShortOf,
                Repeats.SameProtein,
                Repeats.SameDish {

    /** How much it matters. */
    enum Level {
        /** It cannot stay so: a date, an allergen, something missing. */
        STOP,
        /** Something to do in time. */
        DO,
        /** Good to know. */
        HINT
    }

    /** The rule that found it. */
    PlanRule rule();

    default Level level() {
        return Level.HINT;
    }

    /** The evening it is about. */
    LocalDate day();

    /** The food, dish or eater it is about. */
    String subject();

    /** How much it counts against a plan, zero or more. Own definition: what cannot stay so outweighs all that can. */
    default int weight() {
        return level() == Level.STOP ? CANNOT_STAY : 0;
    }

    /** In the cook's words. */
    Remark remark();

    int CANNOT_STAY = 1000;

    /** Something that would be past its limit by then. @param bought whether it is simply bought anew */
    record PastLimit(LocalDate day, String subject, LocalDate limit, String keepingClass, boolean bought)
            implements Judgement {
        @Override
        public PlanRule rule() {
            return PlanRule.DATES;
        }

        @Override
        public Level level() {
            return bought ? Level.DO : Level.STOP;
        }

        @Override
        public Remark remark() {
            String why = "fridge time, " + keepingClass;
            String keeps = subject + " keeps to " + Remark.day(limit) + ", planned for " + Remark.day(day);
            return bought
                    ? Remark.act("the " + keeps + ": eat what is there earlier", why)
                    : Remark.stop(
                            keeps
                                    + (keepingClass.equals("eggs-shelled")
                                            ? ": crack the egg on the day, or cook it"
                                            : ": eat it earlier, or freeze it in time"),
                            why);
        }
    }

    /** Portions of a dish that are not there, or promised to an earlier evening. */
    record NotThere(LocalDate day, String subject, Amount lacking) implements Judgement {
        @Override
        public PlanRule rule() {
            return PlanRule.SUPPLY;
        }

        @Override
        public Level level() {
            return Level.STOP;
        }

        @Override
        public Remark remark() {
            return Remark.stop(lacking + " of " + subject + " are not there, or promised to an earlier evening", "");
        }
    }

    /** What has to be bought for it. @param foods in the order of the lines */
    record ToBuy(LocalDate day, List<String> foods) implements Judgement {

        public ToBuy {
            foods = List.copyOf(foods);
        }

        @Override
        public PlanRule rule() {
            return PlanRule.SUPPLY;
        }

        @Override
        public Level level() {
            return Level.DO;
        }

        @Override
        public String subject() {
            return String.join(", ", foods);
        }

        @Override
        public Remark remark() {
            return Remark.act("to buy: " + subject(), "");
        }
    }

    /** Something to take out of the freezer; {@code late} when its time has passed. */
    record Thawing(TakeOut out, boolean late) implements Judgement {
        @Override
        public PlanRule rule() {
            return PlanRule.THAWING;
        }

        @Override
        public Level level() {
            return late ? Level.STOP : Level.DO;
        }

        @Override
        public LocalDate day() {
            return out.forDay();
        }

        @Override
        public String subject() {
            return out.name();
        }

        @Override
        public Remark remark() {
            return late
                    ? Remark.stop(
                            out.name() + " does not thaw in the fridge in time (" + out.rule()
                                    + "); choose another dish, or cold water, then cook at once",
                            "USDA FSIS, The Big Thaw")
                    : Remark.act(out.words(), out.rule());
        }
    }

    /** A dish that takes longer than there is. @param needs minutes, of which {@code there} are there */
    record TooLong(LocalDate day, String subject, int needs, int there, LocalDateTime begin) implements Judgement {
        @Override
        public PlanRule rule() {
            return PlanRule.TIME;
        }

        @Override
        public int weight() {
            return needs - there;
        }

        @Override
        public Remark remark() {
            return Remark.hint(subject + " takes " + CookWords.minutes(needs) + ", " + CookWords.minutes(there)
                    + " are there: begin at " + Remark.time(begin, day));
        }
    }

    /** Somebody at the table must not eat something in it. */
    record MustNotEat(LocalDate day, String subject, Allergen allergen, String food) implements Judgement {
        @Override
        public PlanRule rule() {
            return PlanRule.WHO_EATS;
        }

        @Override
        public Level level() {
            return Level.STOP;
        }

        @Override
        public Remark remark() {
            return Remark.stop(
                    subject + " must not eat " + allergen.words() + ": " + food, "Regulation (EU) 1169/2011, Annex II");
        }
    }

    /** Somebody at the table eats in a way that leaves something in it out. */
    record NotOfDiet(LocalDate day, String subject, Diet diet, String food) implements Judgement {
        @Override
        public PlanRule rule() {
            return PlanRule.WHO_EATS;
        }

        @Override
        public Level level() {
            return Level.STOP;
        }

        @Override
        public Remark remark() {
            return Remark.stop(subject + " eats " + diet.words() + ": not " + food, "by what the food is of");
        }
    }

    /** Nobody has said what is in a food, and somebody who must not eat something is at the table. */
    record NotSaid(LocalDate day, String subject, String food) implements Judgement {
        @Override
        public PlanRule rule() {
            return PlanRule.WHO_EATS;
        }

        @Override
        public Level level() {
            return Level.DO;
        }

        @Override
        public Remark remark() {
            return Remark.act(
                    "nobody has said what is in " + food + ": look at the pack for " + subject,
                    "Regulation (EU) 1169/2011, Annex II");
        }
    }

    /**
     * What is in these foods depends on their makers; told once a dish.
     *
     * @param foods with the allergens of this eater they often have: "stock cube (celery)"
     * @param often whether one of them often has one
     */
    record Look(LocalDate day, String subject, List<String> foods, boolean often) implements Judgement {

        public Look {
            foods = List.copyOf(foods);
        }

        @Override
        public PlanRule rule() {
            return PlanRule.WHO_EATS;
        }

        @Override
        public Level level() {
            return often ? Level.DO : Level.HINT;
        }

        @Override
        public Remark remark() {
            String words = "look at the pack for " + subject + ": " + String.join(", ", foods);
            return often
                    ? Remark.act(words, "what is in it depends on the maker, and these often have it")
                    : Remark.hint(words);
        }
    }

    /** Something in it is not for somebody so young, pregnant or frail. */
    record NotFor(LocalDate day, String subject, Flag flag, Caution caution, String food, String source)
            implements Judgement {
        @Override
        public PlanRule rule() {
            return PlanRule.WHO_EATS;
        }

        @Override
        public Level level() {
            return Level.STOP;
        }

        @Override
        public Remark remark() {
            String is = flag == Flag.UNDER_12_MONTHS
                    ? "under 12 months"
                    : flag.name().toLowerCase(Locale.ROOT);
            return Remark.stop(subject + " is " + is + ": no " + caution.words() + " (" + food + ")", source);
        }
    }

    /** Somebody's plate is served without what is put on at the table. @param foods that are left off */
    record ServedWithout(LocalDate day, String subject, List<String> foods) implements Judgement {

        public ServedWithout {
            foods = List.copyOf(foods);
        }

        @Override
        public PlanRule rule() {
            return PlanRule.WHO_EATS;
        }

        @Override
        public Level level() {
            return Level.DO;
        }

        @Override
        public Remark remark() {
            return Remark.act(
                    subject + "’s plate without " + String.join(", ", foods)
                            + ": serve it first, the rest at the table",
                    "it is put on at the table, nothing of it is in the pot");
        }
    }

    /** Somebody does not like it. @param what as they said it */
    record Disliked(LocalDate day, String subject, String what) implements Judgement {
        @Override
        public PlanRule rule() {
            return PlanRule.WHO_EATS;
        }

        @Override
        public int weight() {
            return 10;
        }

        @Override
        public Remark remark() {
            return Remark.hint(subject + " does not like " + what);
        }
    }

    /** It is hot, and somebody eats no chilli. */
    record TooHot(LocalDate day, String subject) implements Judgement {
        @Override
        public PlanRule rule() {
            return PlanRule.WHO_EATS;
        }

        @Override
        public int weight() {
            return 5;
        }

        @Override
        public Remark remark() {
            return Remark.hint(subject + " eats no chilli: season the pot mild, chilli at the table");
        }
    }
}
