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
    private bool compared;

    /// <summary>The mood of the next clause.</summary>
    public Mood Of(Clause clause)
    {
        // "As I was told not to, and he took it": nothing of what was told is said.
        var goesOn = carries && held == 0 && clause is { NewSentence: false, Link: not ("and" or "but" or "so") };
        if (holding != Mood.Fact && !goesOn && Ends(clause))
            holding = Mood.Fact;
        if (holding != Mood.Fact && ++held > 6)
            holding = Mood.Fact;
        // "Same as last week when he armbarred me": of that day.
        var ofThatDay = compared && clause is { NewSentence: false, Link: "when" };
        compared = clause.Verbs.Any(v => v.Is(Act.OtherDays) && IsCompared(v.Item));
        if (ofThatDay)
            return Mood.OtherDay;
        var said = Said(clause);
        // "As he always does": an aside.
        if (said is Mood.Habit or Mood.Thought && clause.Link == "when" && words[clause.First].Text is not ("when" or "whenever"))
            return said;
        if (said != Mood.Fact)
        {
            holding = said;
            held = 0;
            // "I wish | I had tried", "normally | I pull guard": what is wished or usual stands in the next clause.
            carries =
                clause.Link == "if"
                || clause is { Subject: Party.Other, Names.Count: 0 }
                    && clause.Items.Any(i => Grammar.Is("carrying", words[i.After - 1].Text))
                || clause.Names.Count == 0
                    && clause.Verbs.LastOrDefault(v => Grammar.Is("carrying", words[v.Item.First].Text)) is { } thinks
                    // "I thought my head would pop": it is all said.
                    && !clause.Items.Any(i => i.Part == Part.Modal && i.First > thinks.Item.First);
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
            Mood.ClassWork => acts && clause.Subject != Party.Both || clause.Items[0].Text == "so",
            // "... the armbar that never came, as what came was an ezekiel".
            Mood.Thought => acts
                || clause.OfThing && clause.Verbs.Count > 0
                || clause.Names.Count > 0
                    && clause.Items.Any(i => i.Text == "what" && i.First < clause.Names[0].Found.First)
                    && clause.Items.Any(i => i.Part == Part.Be),
            // What they do in general is said of everybody.
            Mood.Habit => acts && !clause.Items.Any(i => i.Text == "they"),
            // "Stay low when I stand up."
            Mood.Advice => acts
                && !(clause.First > 0 && words[clause.First - 1].Text == "that")
                && (clause.Link is not ("when" or "until") || clause.Items[0].Text == "and"),
            _ => acts,
        };
    }

    // "I'd passed" is told, "I'd pass" is thought.
    private bool IsHad(Item item) =>
        item.After + 1 < words.Count
            && words[item.After].Text is "never" or "already" or "just"
            && Grammar.Is("after-had", words[item.After + 1].Text)
        || item.After < words.Count
            && (words[item.After].Text.EndsWith("ed", StringComparison.Ordinal) || Grammar.Is("after-had", words[item.After].Text));

    private bool IsScore(Clause clause) =>
        Enumerable.Range(clause.First, clause.After - clause.First).Any(i => Grammar.Is("won-or-lost", words[i].Text))
        && Enumerable
            .Range(clause.First, clause.After - clause.First - 1)
            .Any(i => words[i].Text.All(char.IsDigit) && words[i + 1].Before == "-" && words[i + 1].Text.All(char.IsDigit));

    // "Like last week", "better than yesterday": held against it, and told of today.
    private bool IsCompared(Item item) => item.First > 0 && Grammar.Is("held-against", words[item.First - 1].Text);

    private Mood Said(Clause clause)
    {
        if (clause.Subject == Party.Other)
            return Mood.Advice;
        foreach (var verb in clause.Verbs.Where(v => !IsCompared(v.Item)))
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
        // "Lost 2-0 by a takedown": the sum of it.
        if (IsScore(clause))
            return Mood.Thought;
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
