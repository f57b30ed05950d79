using AshNotch.Core.Reading.Clauses;
using AshNotch.Core.Reading.Words;

namespace AshNotch.Core.Reading.Claims;

/// <summary>Whether a clause tells what happened.</summary>
internal enum Mood
{
    Fact,
    Recap,
    Thought,
    Habit,
    OtherDay,
    Others,
    ClassWork,
    Advice,
}

/// <summary>Tells what happened from what is only spoken of; what is heard in one clause may hold through the next.</summary>
/// <param name="words">The words.</param>
internal sealed class Moods(IReadOnlyList<Word> words)
{
    private Mood holding = Mood.Fact;
    private int held;
    private bool carries;

    /// <summary>The mood of the next clause.</summary>
    public Mood Of(Clause clause)
    {
        if (holding != Mood.Fact && !(carries && held == 0 && !clause.NewSentence) && Ends(clause))
            holding = Mood.Fact;
        if (holding != Mood.Fact && ++held > 6)
            holding = Mood.Fact;
        var said = Said(clause);
        if (said != Mood.Fact)
        {
            holding = said;
            held = 0;
            // "I wish | I had tried", "normally | I pull guard": what is wished or usual stands in the next clause.
            carries =
                clause.Link == "if" || clause.Names.Count == 0 && clause.Verbs.Any(v => Grammar.Is("carrying", words[v.Item.First].Text));
        }
        return said != Mood.Fact ? said : holding;
    }

    // What is thought, usual or advised goes on as long as nobody new acts; another day goes on till the telling comes back.
    private bool Ends(Clause clause)
    {
        if (clause.NewSentence)
            return holding != Mood.Recap || held > 2;
        var acts = clause.Subject is Party.Me or Party.Partner or Party.Both && clause.Link is not ("if" or "which" or "same");
        var turns = clause.Link is "but" or "so" or "then";
        return holding switch
        {
            Mood.Others => clause.Subject == Party.Me,
            Mood.OtherDay => acts && turns || clause.Items.Any(i => Grammar.Is("today", i.Text)),
            Mood.ClassWork => acts && clause.Subject != Party.Both,
            Mood.Thought => acts || clause.OfThing && clause.Verbs.Count > 0,
            // What they do in general is said of everybody.
            Mood.Habit => acts && !clause.Items.Any(i => i.Text == "they"),
            _ => acts,
        };
    }

    // "I'd passed" is told, "I'd pass" is thought.
    private bool IsHad(Item item) =>
        item.After < words.Count
        && (
            words[item.After].Text.EndsWith("ed", StringComparison.Ordinal)
            || words[item.After].Text is "been" or "got" or "had" or "just" or "taken" or "gone"
        );

    private Mood Said(Clause clause)
    {
        if (clause.Subject == Party.Other)
            return Mood.Advice;
        foreach (var verb in clause.Verbs)
        {
            var mood =
                verb.Is(Act.Thoughts) ? Mood.Thought
                : verb.Is(Act.Habits) ? Mood.Habit
                : verb.Is(Act.OtherDays) ? Mood.OtherDay
                : verb.Is(Act.Others) ? Mood.Others
                : verb.Is(Act.ClassWork) ? Mood.ClassWork
                : verb.Is(Act.Advice) ? Mood.Advice
                : verb.Is(Act.Takeaways) ? Mood.Thought
                : verb.Is(Act.Recaps) ? Mood.Recap
                : Mood.Fact;
            if (mood != Mood.Fact)
                return mood;
        }
        if (clause.Link == "if")
            return Mood.Thought;
        if (clause.Items.Any(i => i.Part == Part.Person && i.Text == "id" && !IsHad(i)))
            return Mood.Thought;
        if (
            clause.Items.Any(i => i.Part == Part.Modal && i.Text is not "will" and not "can")
            && !clause.Items.Any(i => i.Part == Part.Unable || words[i.First].Text is "feel" or "hear" or "see")
        )
            return Mood.Thought;
        return Mood.Fact;
    }
}
