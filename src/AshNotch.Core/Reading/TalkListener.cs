namespace AshNotch.Core.Reading;

/// <summary>Tells what happened from what is only spoken of. What it hears in one clause may hold on through the next.</summary>
internal sealed class TalkListener
{
    private static readonly string[] Thoughts =
    [
        "should",
        "shouldve",
        "couldve",
        "wouldve",
        "might have",
        "mightve",
        "would have",
        "could have",
        "could not have",
        "couldnt have",
        "would not have",
        "wouldnt have",
        "need to",
        "needed to",
        "needs to",
        "want to",
        "wanted to",
        "wants to",
        "wanna",
        "supposed to",
        "thought about",
        "thinking about",
        "thinking of",
        "was going to",
        "wish",
        "instead of",
        "rather than",
        "worried about",
        "afraid of",
        "scared of",
        "must remember",
        "remember to",
        "try not to",
        "have to work",
        "gotta work",
        "gotta get better",
        "next time",
        "ought to",
        "dreaming of",
        "no chance to",
        "had no chance",
        "never had a chance",
        "never got a chance",
        "no time to",
        "too tired to",
        "without",
        "thought he would",
        "thought she would",
        "expected",
        "expecting",
        "waiting for",
        "ready for",
        "set up for",
        "chance to",
        "would be",
        "plan was",
        "game plan",
        "goal was",
        "goal is",
        "mission was",
        "idea was",
        "i think its because",
        "i think it is because",
        "its because",
        "hoping to",
        "hoped to",
        "is coming",
        "was coming",
        "i knew the",
        "i know the",
        "had i",
        "better at",
        "better with",
        "get better",
        "struggle with",
        "work on",
        "practice",
        "afraid he",
        "in case",
        "avoid",
    ];

    private static readonly string[] Advisers =
    [
        "coach",
        "professor",
        "prof",
        "instructor",
        "sensei",
        "told me",
        "he said",
        "she said",
        "they said",
        "said to",
        "says to",
        "advice",
        "a tip",
        "his tip",
        "pointed out",
        "suggested",
        "reminded me",
        "showed me afterwards",
        "showed me after",
        "told me to",
        "recommend",
        "recommended",
    ];

    private static readonly string[] OtherDays =
    [
        "last week",
        "last time",
        "last month",
        "last year",
        "last class",
        "last session",
        "last night",
        "yesterday",
        "the other day",
        "other night",
        "on monday",
        "on tuesday",
        "on wednesday",
        "on thursday",
        "on friday",
        "on saturday",
        "on sunday",
        "years ago",
        "months ago",
        "weeks ago",
        "week ago",
        "days ago",
        "a while ago",
        "back in the day",
        "his favorite is",
        "her favorite is",
        "my favorite is",
        "is his favorite",
        "is her favorite",
        "is my favorite",
        "at the tournament",
        "in my last",
    ];

    private static readonly string[] Habits =
    [
        "usually",
        "normally",
        "most of the time",
        "in general",
        "typically",
        "tends to",
        "likes to",
        "loves to",
        "he loves",
        "she loves",
        "used to",
        "every class",
        "all the time",
        "on everybody",
        "on everyone",
        "against everybody",
        "against everyone",
    ];

    private static readonly string[] ClassTalk =
    [
        "drilled",
        "drilling",
        "we worked on",
        "worked on",
        "in class",
        "all class",
        "warm up",
        "warmup",
        "warm ups",
        "warmups",
        "technique of the day",
        "move of the day",
        "we learned",
        "we covered",
        "we did some",
        "class was",
        "the technique was",
        "we practiced",
        "positional drill",
        "we were shown",
        "showed us",
        "seminar",
    ];

    private static readonly string[] BackToRolling =
    [
        "in the roll",
        "rolling",
        "we rolled",
        "first roll",
        "first round",
        "the roll",
        "this roll",
        "in the round",
        "this round",
        "then sparring",
        "sparring",
        "live round",
        "live rounds",
        "we started",
        "started standing",
    ];

    private static readonly string[] BackToToday = ["today", "this time", "tonight", "so i was ready", "now", "anyway", "but in this"];

    private static readonly string[] ToldBefore =
    [
        "that is how",
        "thats how",
        "like i said",
        "as i said",
        "as i mentioned",
        "like i mentioned",
        "again to be clear",
        "i already said",
        "i mean the",
        "to recap",
        "which is how",
    ];

    private static readonly string[] NextToUs =
    [
        "next to us",
        "beside us",
        "another pair",
        "other pair",
        "the pair next",
        "two guys",
        "couple next",
    ];

    private static readonly HashSet<string> Carries = ["wish", "wished", "wishing", "thought", "if", "guess"];

    private Talk holding = Talk.Event;
    private int clausesHeld;
    private bool carried;

    /// <summary>What kind of talk the next clause is.</summary>
    public Talk Hear(Clause clause)
    {
        if (clause.NewSentence && holding is Talk.Thought or Talk.Advice or Talk.Again or Talk.Others or Talk.OtherDay or Talk.Habit)
            holding = Talk.Event;
        if (
            holding == Talk.ClassWork
            && (clause.NewSentence || clause.Subject is not null)
            && (clause.SaysAny(BackToRolling) || (clause.NewSentence && clause.Subject is not null))
        )
            holding = Talk.Event;
        if (holding is Talk.OtherDay or Talk.Habit && clause.SaysAny(BackToToday))
            holding = Talk.Event;
        // "I usually get the underhook there but he was too fast": what did happen.
        if (holding == Talk.Habit && clause.Words[clause.First].Text is "but" or "so" && clause.Subject is not null)
            holding = Talk.Event;
        if (holding != Talk.Event && ++clausesHeld > 4)
            holding = Talk.Event;
        // Somebody of the two who acts in the past tense is telling again, unless this began in the same breath.
        if (holding is Talk.Thought && clause.Subject is not null && !carried)
            holding = Talk.Event;
        // "like I said | he swept me": the clause after it is what was said.
        if (holding is Talk.Again && clause.Subject is not null && clausesHeld > 1)
            holding = Talk.Event;
        if (holding is Talk.Others && clause.Subject == Core.Vocabulary.Who.Me)
            holding = Talk.Event;
        if (
            holding is Talk.Advice
            && clause.Subject is not null
            && clause.Words[clause.First].Text is not ("to" or "that" or "and")
            && !clause.Says("said")
            && !clause.Says("told")
        )
            holding = Talk.Event;

        var heard = Of(clause);
        // "i wish | i had tried the sweep": what is wished for stands in the next clause.
        var why = holding is Talk.Thought && clause.Words[clause.First].Text is "because" or "cause";
        carried =
            Carries.Contains(clause.Words[clause.After - 1].Text) || clause.SaysAny(["i think its", "i think it is", "i think thats"]);
        if ((carried || why) && heard == Talk.Event)
            heard = Talk.Thought;
        if (heard != Talk.Event)
        {
            holding = heard is Talk.Thought && !Holds(clause) && !carried ? Talk.Event : heard;
            clausesHeld = 0;
            return heard;
        }
        return holding;
    }

    private static Talk Of(Clause clause)
    {
        if (clause.SaysAny(ToldBefore))
            return Talk.Again;
        if (clause.SaysAny(NextToUs))
            return Talk.Others;
        if (clause.SaysAny(ClassTalk) && !clause.SaysAny(BackToRolling))
            return Talk.ClassWork;
        if (clause.SaysAny(Advisers))
            return Talk.Advice;
        if (clause.OfOthers)
            return Talk.Others;
        if (clause.SaysAny(OtherDays) && !clause.SaysAny(BackToToday))
            return Talk.OtherDay;
        if (clause.SaysAny(Habits) && !clause.SaysAny(BackToToday))
            return Talk.Habit;
        if (clause.Says("always") && !clause.Says("like always") && !clause.Says("as always"))
            return Talk.Habit;
        if (clause.Words[clause.First].Text is "if" or "why" or "how" or "maybe" or "hopefully" or "imagine" || clause.Says("instead of"))
            return Talk.Thought;
        // "before he settles" has not come to pass; "before that" is a time.
        if (clause.Words[clause.First].Text == "before" && clause.After - clause.First > 2)
            return Talk.Thought;
        if (clause.SaysAny(Thoughts))
            return Talk.Thought;
        if (
            clause.Says("could")
            && !clause.Says("could feel")
            && !clause.Says("could hear")
            && !clause.Says("could not")
            && !clause.Says("could see")
        )
            return Talk.Thought;
        if (clause.Says("would") && !clause.Says("would not") && !clause.Says("would tap"))
            return Talk.Thought;
        return Talk.Event;
    }

    private static bool Holds(Clause clause) =>
        clause.Words[clause.First].Text is "if" or "maybe"
        || clause.Says("instead of")
        || clause.SaysAny(["need to", "should", "want to", "next time", "plan was", "game plan", "goal was", "wish"]);
}
