using AshNotch.Core.Reading.Clauses;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Claims;

/// <summary>A move named in a clause, with what stands around the name.</summary>
/// <param name="Words">The words.</param>
/// <param name="Clause">The clause.</param>
/// <param name="Use">How the name stands in it.</param>
/// <param name="Topic">Who acted last.</param>
/// <param name="Shared">Who acts for all that "and" joins, where this clause names nobody.</param>
/// <param name="Headed">Of whom all is said under a heading: "nothing of his worked".</param>
internal sealed record MoveUse(IReadOnlyList<Word> Words, Clause Clause, NameUse Use, Who? Topic, Who? Shared, Who? Headed)
{
    /// <summary>The move.</summary>
    public Move Move => Use.Found.Move!;

    /// <summary>Who acts.</summary>
    public Who? Subject => Of(Clause.Subject) ?? Shared;

    /// <summary>The verb that the name belongs to.</summary>
    public VerbUse? Verb =>
        Clause.Verbs.LastOrDefault(v => v.Item.First < Use.Found.First)
        ?? (Use.Leads || Clause.Verbs.Count > 0 && Clause.Verbs[0].Item.First > Use.Found.First ? Clause.Verbs.FirstOrDefault() : null);

    /// <summary>The verb's first word.</summary>
    public string Said => Verb is null ? "" : Words[Verb.Item.First].Text;

    /// <summary>The verbs that stand after the move named before it.</summary>
    public IReadOnlyList<VerbUse> Verbs =>
        [
            .. Clause.Verbs.Where(v =>
                v.Item.First
                >= Clause
                    .Names.Where(n => n.Found.Move is not null && n.Found.After <= Use.Found.First)
                    .Select(n => n.Found.After)
                    .DefaultIfEmpty(0)
                    .Max()
            ),
        ];

    /// <summary>It could not be done.</summary>
    public bool IsUnable => Use.Unable || Verbs.Any(v => v.Unable);

    /// <summary>It is denied.</summary>
    public bool IsDenied => Use.Not || Verb is { Not: true };

    /// <summary>The name is what somebody did: "sat up", "opened it", not "knee cut".</summary>
    public bool IsDeed =>
        Use.IsVerb
        || Use.Lead.Length == 0
            && Use.Owner is null
            && Words[Use.Found.First].Text is var told
            && (told.EndsWith("ed", StringComparison.Ordinal) || Grammar.Is("deed", told));

    /// <summary>It is told by what bodies do: "bent my arm the wrong way".</summary>
    public bool IsBodily => Use.Found.IsBodily;

    /// <summary>"Gets the underhook", of nobody named: who writes of himself does not say "gets".</summary>
    public bool IsThirdPerson => Verb is null ? IsOfThird(Use.Found, Words) : !Use.Leads && IsOfThird(Said);

    /// <summary>"Goes behind", "takes the back": a name that begins with what somebody else does.</summary>
    public static bool IsOfThird(Found name, IReadOnlyList<Word> words) =>
        name.Count > 1 && words[name.First].Text is var verb && IsOfThird(verb) && !Grammar.Is("plural", verb);

    /// <summary>It is said to be done with something: "with a kimura".</summary>
    public bool IsMeans => Grammar.Is("means", Use.Lead);

    /// <summary>"Survived with an elbow escape": one's own.</summary>
    public bool IsOwnDefence => Move.Kind is MoveKind.Escape or MoveKind.GuardRecovery && IsMeans;

    /// <summary>"Escaped", of whatever is named after it.</summary>
    public bool IsEscape => Escapes(Use);

    /// <summary>"While I was escaping the armbar".</summary>
    public bool IsEscaped => Move.IsSubmission && Clause.Names.Any(n => Escapes(n) && n.Found.After <= Use.Found.First);

    /// <summary>"Guillotined me off my double": what the one who is acted on had tried just before.</summary>
    public bool IsCountered =>
        Use is { Lead: "off", IsVerb: false, Owner: { } owner }
        && !Move.Stays
        && Clause.Names.FirstOrDefault(n => n.IsVerb && n.Found.After <= Use.Found.First) is { } answer
        && (Of(owner) == Subject?.Other() || (answer.Within ?? answer.To ?? Clause.Object) == owner);

    /// <summary>"Saw the sweep coming".</summary>
    public bool IsSeenComing =>
        Use.Found.After < Words.Count
        && Words[Use.Found.After].Text == "coming"
        && !Clause.Does(Act.Yields)
        && Clause.Items.Any(i => i.First < Use.Found.First && Grammar.Is("seeing", Words[i.First].Text));

    /// <summary>"Armbar attempt", "kimura try".</summary>
    public bool IsTry =>
        // "She was sitting on my chest": there she was.
        Use.UnderWay && !(IsBodily && Move is { Kind: MoveKind.Transition, To: not null })
        || Grammar.Is("shooting", Words[Use.Found.First].Text)
        || Use.Found.Count > 1 && Move.IsSubmission && Grammar.Is("reaching", Words[Use.Found.First].Text)
        || Use.Found.After < Words.Count && !Words[Use.Found.After].AfterStop && Grammar.Is("attempt", Words[Use.Found.After].Text);

    /// <summary>"From underneath", "from the top": above or below the other.</summary>
    public Role? Level
    {
        get
        {
            var at = Use.Found.After;
            if (at + 1 >= Words.Count || Words[at].Text != "from" || Words[at].AfterStop)
                return null;
            var told = Words[at + 1].Text is "the" or "on" && at + 2 < Words.Count ? Words[at + 2].Text : Words[at + 1].Text;
            return Grammar.Is("below", told) ? Role.Bottom
                : Grammar.Is("above", told) ? Role.Top
                : null;
        }
    }

    // "Elbow escape 3, RNC 2 (armpit)", as one keeps count; "armbar 2 min in" is a time, "roll 2" a heading.
    private int? CountedAfter =>
        Clause.Subject is null
        && Use.Found.After < Words.Count
        && Words[Use.Found.After] is { Before: " ", Text: [>= '1' and <= '9' and var digit] }
        && (
            Use.Found.After + 1 == Words.Count
            || Words[Use.Found.After + 1] is var next
                && (next.AfterPause || next.Before.AsSpan().ContainsAny("()|"))
                // "2.5", "3-1", "5:00" count nothing.
                && !char.IsAsciiDigit(next.Text[0])
        )
            ? digit - '0'
            : null;

    /// <summary>"Sweeps 0", "got swept 0".</summary>
    public bool IsCountedNone =>
        Use.Found.After < Words.Count
        && Words[Use.Found.After] is { Before: " ", Text: "0" }
        && (Use.Found.After + 1 == Words.Count || Words[Use.Found.After + 1].AfterPause);

    /// <summary>It is an entry of a count: each time began where they began.</summary>
    public bool IsCounted => CountedAfter is not null;

    /// <summary>How often it was done.</summary>
    public int Times
    {
        get
        {
            // "Swept her with the scissor twice": it is the sweeping that is counted.
            if (IsMeans && Clause.Names.Any(n => n != Use && IsNamedBy(n, Use)))
                return 1;
            if (
                Clause.Names.FirstOrDefault(n => n != Use && IsNamedBy(Use, n)) is { } named
                && named.Found.After < Words.Count
                && !Words[named.Found.After].AfterPause
                && Numbers.Times(Words, named.Found.After) is { } counted
            )
                return counted;
            for (var i = Math.Max(Clause.First, Use.Found.First - 2); i < Math.Min(Words.Count, Use.Found.After + 3); i++)
            {
                if (
                    i >= Use.Found.First && i < Use.Found.After
                    // "I pulled, tried it twice".
                    || i > Use.Found.After && Words.Skip(Use.Found.After).Take(i - Use.Found.After + 1).Any(w => w.AfterPause)
                    || i < Use.Found.First && Words.Skip(i + 1).Take(Use.Found.First - i).Any(w => w.AfterPause)
                )
                    continue;
                if (Numbers.Times(Words, i) is { } times)
                    return times;
            }
            return CountedAfter ?? Counted ?? 1;
        }
    }

    // "Passed with the knee cut".
    private static bool IsNamedBy(NameUse general, NameUse exact) =>
        general is { IsVerb: true, Found.Move: { Word: MoveWord.General } sort }
        && exact.Found.Move is { Word: MoveWord.Event } move
        && move.Kind == sort.Kind
        && Grammar.Is("means", exact.Lead)
        && exact.Found.First >= general.Found.After;

    // "Hit me with three leg drags", "got: 2 sweeps", "tapped to both armbars".
    private int? Counted =>
        Use.Found.First > 0 && Words[Use.Found.First - 1].Text == "both" && !Use.IsVerb ? 2
        : (Verb is not null || Shared is not null || Headed is not null)
        && Use.Found.First > Clause.First
        && !Words[Use.Found.First].AfterPause
        && Words[Use.Found.After - 1].Text is [.., not 's', 's']
            ? Numbers.At(Words, Use.Found.First - 1) is { Value: >= 2 and <= 7, Count: 1, Unit.Length: 0 } number ? (int)number.Value
                : null
        : null;

    /// <summary>Which of the two somebody is.</summary>
    public static Who? Of(Party? party) =>
        party switch
        {
            Party.Me => Who.Me,
            Party.Partner => Who.Partner,
            _ => null,
        };

    /// <summary>"Gets", "takes": not said of oneself.</summary>
    public static bool IsOfThird(string verb) =>
        verb.Length > 3 && verb.EndsWith('s') && !verb.EndsWith("ss", StringComparison.Ordinal) && !Grammar.Is("be", verb);

    private static bool Escapes(NameUse use) => use is { IsVerb: true, Found.Move: { Kind: MoveKind.Escape, Word: MoveWord.General } };
}
