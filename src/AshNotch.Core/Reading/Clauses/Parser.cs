using System.Buffers;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Clauses;

/// <summary>Cuts a telling into clauses: who acts, on whom, how it is put. Knows grammar, nothing of the sport.</summary>
/// <param name="words">The words.</param>
internal sealed class Parser(IReadOnlyList<Word> words)
{
    private static readonly SearchValues<char> Stops = SearchValues.Create(".;!?\n");
    private static readonly SearchValues<char> Pauses = SearchValues.Create(",:()+&\"");

    private const int MostItems = 60;

    private readonly List<Clause> clauses = [];
    private Clause now = new() { NewSentence = true, NewLine = true };
    private Party? owner;
    private string lead = "";
    private bool determined;
    private bool not;
    private bool unable;
    private bool be;
    private bool soft;
    private bool subjectJust;
    private bool carriesPassive;
    private bool toJust;

    /// <summary>The clauses of the items, in order.</summary>
    public static List<Clause> Clauses(IReadOnlyList<Word> words, List<Item> items)
    {
        var parser = new Parser(words);
        for (var i = 0; i < items.Count; i++)
            parser.Hear(items, i);
        parser.Close();
        return parser.clauses;
    }

    private void Hear(List<Item> items, int at)
    {
        var item = items[at];
        var before = words[item.First].Before;
        if (item.First > 0)
            Pause(before);
        switch (item.Part)
        {
            // "He finally got it", "he, after some fighting, got it".
            case Part.Link when item.Kind == "then" && subjectJust && !now.IsFull:
                break;
            case Part.Link:
                if (now.IsFull || now.Subject is not null && item.Kind is "and" or "but" or "then")
                    Close();
                if (item.Kind != "and" || now.Link.Length == 0)
                    now.Link = item.Kind;
                break;
            case Part.Person:
                HearPerson(items, at);
                break;
            // "The sweep that he hit".
            case Part.Thing when item.Text == "that" && IsRelative(items, at):
                break;
            case Part.Thing:
                if (!IsAfterVerb(items, at) || now.Names.Count > 0)
                {
                    if (now.IsFull && !IsComplement(items, at))
                        Close();
                    if (!now.IsFull)
                        now.OfThing = true;
                }
                break;
            // "A kneebar attempt of hers".
            case Part.Owner when Grammar.Is("owned", item.Text) && now.Names.Count > 0 && (lead == "of" || item.Text is not "his"):
                now.Names[^1].By = item.Party;
                Take(item);
                return;
            case Part.Owner:
                if (soft && now.IsFull && !NextIsInPhrase(items, at))
                    Close();
                owner = item.Party;
                determined = true;
                Take(item);
                return;
            case Part.Determiner:
                owner = null;
                determined = true;
                Take(item);
                return;
            case Part.Preposition:
                owner = null;
                determined = false;
                lead = item.Text;
                toJust = item.Text == "to";
                Take(item);
                return;
            case Part.Be:
                be = true;
                break;
            case Part.Not:
                if (soft && now.IsFull || (item.Text is "no" or "nope") && now.Names.Count > 0)
                    Close();
                not = true;
                if (item.Text is "no" or "nope" && !NextBelongs(items, at))
                    now.Denies = true;
                break;
            case Part.Unable:
                if (soft && now.IsFull)
                    Close();
                unable = true;
                break;
            case Part.Verb:
                HearVerb(items, at);
                break;
            case Part.Name:
                HearName(items, at);
                break;
        }
        Take(item);
        // "Takes my arm, kimura": it is the arm that is mine.
        if (item.Part == Part.Word && Grammar.Is("body", item.Text))
            owner = null;
        if (item.Part is not Part.Word and not Part.Not and not Part.Be and not Part.Unable and not Part.Modal)
        {
            owner = null;
            determined = false;
            if (item.Part != Part.Link)
                lead = item.Part == Part.Verb && Grammar.Is("preposition", words[item.After - 1].Text) ? words[item.After - 1].Text : "";
        }
        subjectJust =
            item.Part == Part.Person && now.Subject is not null
            || subjectJust && item.Part is Part.Word or Part.Not or Part.Be or Part.Unable or Part.Modal;
        toJust = toJust && item.Part == Part.Word;
        soft = false;
    }

    private bool IsRelative(List<Item> items, int at) =>
        !soft
        && at > 0
        && at + 1 < items.Count
        && items[at - 1].Part == Part.Name
        && items[at + 1].Part == Part.Person
        && (items[at + 1].Acts || IsFollowedByVerb(items, at + 1))
        && now is { Subject: null, Verbs.Count: 0, Names.Count: 1 };

    private void Pause(string before)
    {
        // Two stops or three are a breath, not an end.
        var breath = before.Contains("..", StringComparison.Ordinal) && !before.Contains('\n');
        var stop = !breath && before.AsSpan().ContainsAny(Stops);
        soft |= breath;
        var arrow =
            before.Contains('>')
            || before.Contains('→')
            || before.Contains(" - ")
            || before.Contains('–')
            || before.Contains('—')
            || before.Contains(" / ");
        if (stop || arrow)
        {
            Close();
            now.NewSentence = stop;
            now.NewLine = before.Contains('\n');
            if (arrow)
                now.Link = "then";
            soft = false;
            return;
        }
        var pause = breath || before.AsSpan().ContainsAny(Pauses);
        soft |= pause;
        if (pause)
        {
            owner = null;
            determined = false;
            be = false;
            if (now.Denies)
                Close();
        }
        if (before.Contains('&') || before.Contains('+'))
            soft = true;
    }

    private void Take(Item item)
    {
        // Nobody breathes so seldom; without a bound a text without stops would be one clause.
        if (now.Items.Count >= MostItems)
            Close();
        if (now.Items.Count == 0)
            now.First = item.First;
        now.Items.Add(item);
        now.After = item.After;
    }

    private void HearPerson(List<Item> items, int at)
    {
        var item = items[at];
        // "At the start Oak hit it": a preposition speaks of what stands next to it.
        var lead = at > 0 && (items[at - 1].Part is Part.Preposition or Part.Verb || item.Suffers) ? this.lead : "";
        var begins = now.Items.Count == 0 || soft && !now.IsFull;
        var line =
            item.Suffers
            && (begins || soft)
            && at + 1 < items.Count
            && (words[items[at + 1].First].Before.IndexOfAny([':', '→', '>']) >= 0 || now.NewLine && now.Items.Count == 0);
        // "With him shooting and me doing the guillotine".
        var participial =
            item.Suffers
            && at > 0
            && at + 1 < items.Count
            && (items[at - 1] is { Part: Part.Preposition, Text: "with" } or { Part: Part.Link, Kind: "and" })
            && items[at + 1].Part is Part.Verb or Part.Name
            && words[items[at + 1].First].Text.EndsWith("ing", StringComparison.Ordinal);
        var acts =
            item.Acts
            || line
            || participial
            || !item.Suffers && (begins || soft || lead.Length == 0 && now.Verbs.Count == 0 && now.Names.Count == 0)
            || !item.Suffers && lead is "" or "out" or "off" or "in" or "up" or "down" && IsFollowedByVerb(items, at);
        if (acts)
        {
            // "The sweep that he hit": he did it.
            if (
                at > 1
                && items[at - 1] is { Part: Part.Thing, Text: "that" }
                && items[at - 2].Part == Part.Name
                && now is { Subject: null, Verbs.Count: 0, Names: [{ By: null } said] }
            )
            {
                said.By = item.Party;
                return;
            }
            if (now.IsFull || now.Subject is not null && now.Subject != item.Party)
                Close();
            now.Subject = item.Party;
            now.OfThing = false;
            be = not = unable = false;
            return;
        }
        if (now.Names.Count > 0 && (lead is "by" or "from" || lead == "to" && now.Verbs.Count == 0 && now.Subject is null))
        {
            now.Names[^1].By = item.Party;
            return;
        }
        if (
            now.Names.Count > 0
            && (lead is "on" or "against" || lead.Length == 0)
            && now.Names[^1] is { To: null } last
            && (last.IsVerb || lead.Length > 0)
        )
        {
            last.To = item.Party;
            now.Object ??= item.Party;
            return;
        }
        if (lead.Length == 0 || lead is "to")
            now.Object ??= item.Party;
    }

    private void HearVerb(List<Item> items, int at)
    {
        var item = items[at];
        // "My posture", "a good base": a thing, not what somebody did.
        if (
            determined
            && !toJust
            && item.After - item.First == 1
            && !item.Does.Any(d => d is Act.Tries or Act.Threatens or Act.Taps or Act.Fails or Act.Restarts or Act.Times or >= Act.Repairs)
            && !IsDone(words[item.First].Text)
        )
            return;
        // "no luck", "time", "tap" say all by themselves.
        var chained = now.Verbs.Count > 0 && (toJust || IsChain(items, at));
        // "He pulls guard on everybody", "I hit it at the comp": said of the whole clause.
        if (now.IsFull && at > 0 && items[at - 1].Part == Part.Name && Grammar.Is("both-subject", item.Text))
        {
            // "The knee lever we drilled".
            Close();
            now.Link = "which";
        }
        if (now.IsFull && !soft && item.Does.All(a => a is Act.Habits or Act.OtherDays or Act.Others or Act.ClassWork))
        {
            now.Verbs.Add(new VerbUse(item, false, false, false));
            return;
        }
        // "He, after some grip fighting, hit it": how it went about is no act of its own.
        var onlyManner =
            now is { Subject: not null, Verbs.Count: 0 } && now.Names.All(n => n.Found.Move is { Word: MoveWord.Manner or MoveWord.Reply });
        if (now.IsFull && !chained && !onlyManner)
        {
            var last = now;
            // "the knee cut worked", "my triangle was blocked": the name is what the verb is said of.
            var said = now.Verbs.Count == 0 && !soft && (last.Names[^1] is { IsVerb: false } || item.Is(Act.Taps));
            if (!said)
            {
                Close();
                if (last.Subject is not null && !soft)
                    now.Link = now.Link.Length == 0 ? "same" : now.Link;
            }
            else
            {
                foreach (var name in now.Names)
                    name.Leads = true;
            }
        }
        var got = now.Verbs.Count > 0 && IsGot(words[now.Verbs[^1].Item.First].Text) && now.Verbs[^1].Item.After == item.First;
        // "Got caught in", "got stuffed".
        if (got && IsParticiple(item, words))
        {
            not |= now.Verbs[^1].Not;
            now.Verbs.RemoveAt(now.Verbs.Count - 1);
            be = true;
        }
        var passive = be && IsParticiple(item, words);
        now.Verbs.Add(new VerbUse(item, not, unable, passive));
        not = unable = be = false;
    }

    private void HearName(List<Item> items, int at)
    {
        var item = items[at];
        var name = item.Name!;
        var goesOn = false;
        if (soft && now.IsFull && !IsPhrase(lead))
        {
            var kept = (owner, determined, lead, not, unable, be);
            goesOn = now.Verbs.Count > 0 && now.Names.Count > 0;
            Close();
            (owner, determined, lead, not, unable, be) = kept;
        }
        var last = now.Verbs.Count > 0 ? now.Verbs[^1] : null;
        var first = words[name.First].Text;
        var end = words[name.After - 1].Text;
        // "Got mounted triangle" is no mount.
        var participle =
            IsDone(end)
            || IsDone(first) && (name.Count == 1 || name.Move is not { IsSubmission: true } || end is "me" or "him" or "her" or "them");
        var isIng = first.EndsWith("ing", StringComparison.Ordinal) || end.EndsWith("ing", StringComparison.Ordinal);
        var gotBefore =
            last is { } g && g.Is(Act.Gets) && IsGot(words[g.Item.First].Text) && g.Item.After - g.Item.First == 1 && NextTo(g.Item, item);
        var carried = carriesPassive && now.Subject is null && now.Verbs.Count == 0 && now.Names.Count == 0 && (soft || now.Link == "and");
        var passive =
            name.Move is not null
            && participle
            && !determined
            && (
                be && lead.Length == 0
                || gotBefore
                || carried
                || first == "thrown"
                || now.Subject is null && last is null && name.After < words.Count && words[name.After].Text == "by"
            );
        var acts =
            name.Move is not null
            && !determined
            && !passive
            && (lead.Length == 0 || toJust)
            && (
                subjectJust && now.Verbs.Count == 0 && now.Names.Count == 0
                || toJust && last is not null
                || last is not null && last.Is(Act.Allows) && at > 0 && items[at - 1].Part == Part.Person
                || (participle || isIng) && (last is null || toJust || last.Is(Act.Nears))
                || (unable || not) && last is null && now.Subject is not null
            );
        if (acts && toJust && last is null && now.Names.Count > 0)
            acts = false;
        // "Threatened the kimura to get the triangle": each verb has its own.
        var served = now.Names.Count > 0 && last is not null && last.Item.First > now.Names[^1].Found.First;
        var full = now.Names.Count > 0 && !served || last is not null && soft && now.Names.Count == 0 && !IsPhrase(lead);
        if (
            full
            && !IsPhrase(lead)
            && !(
                now.Names.Count > 0
                && !soft
                && (
                    now.Names[^1].IsVerb
                    || name.Position is not null && now.Names[^1].Found is { Move: not null } before && before.After == name.First
                )
                && !acts
                && !passive
            )
        )
        {
            var (verbs, subject) = (now.Verbs.Count > 0 && now.Names.Count > 0, now.Subject);
            var listed = soft || now.Link == "and";
            Close();
            if (listed && verbs && !acts)
                now.GoesOn = true;
            _ = subject;
        }
        else if (soft && now.Names.Count > 0 && !IsPhrase(lead))
        {
            Close();
        }
        now.GoesOn |= goesOn && !acts;
        now.Names.Add(
            new NameUse(name)
            {
                Lead = acts ? "" : lead,
                Owner = owner,
                IsVerb = acts || passive,
                Passive = passive,
                Not = not,
                Unable = unable,
                Within = Within(name),
                UnderWay = be && isIng,
            }
        );
        not = unable = be = false;
    }

    // "Took my back", "mounted me": somebody stands in the name itself.
    private Party? Within(Found name)
    {
        for (var i = name.First + 1; i < name.After; i++)
        {
            var word = words[i].Text;
            if (word is "me" or "my")
                return Party.Me;
            if (word is "him" or "her" or "them" or "his" or "their")
                return Party.Partner;
        }
        return words[name.First].Text is "my" ? Party.Me
            : words[name.First].Text is "his" or "her" or "their" ? Party.Partner
            : null;
    }

    private void Close()
    {
        if (now.Items.Count > 0)
            clauses.Add(now);
        if (now.IsFull)
            carriesPassive = now.Names.Count > 0 && now.Names[^1].Passive;
        now = new Clause();
        owner = null;
        lead = "";
        determined = not = unable = be = subjectJust = toJust = false;
    }

    // "into mount", "to side control", "with the underhook" belong to what was said before them.
    private static bool IsPhrase(string lead) =>
        lead
            is "to"
                or "into"
                or "onto"
                or "from"
                or "in"
                or "with"
                or "w"
                or "by"
                or "via"
                or "off"
                or "of"
                or "for"
                or "on"
                or "past"
                or "through"
                or "thru"
                or "against"
                or "under"
                or "over"
                or "at";

    private static bool IsGot(string word) => word is "got" or "get" or "gets" or "getting" or "gotten";

    private static bool IsDone(string word) =>
        word.Length > 3 && (word.EndsWith("ed", StringComparison.Ordinal) || word.EndsWith("cd", StringComparison.Ordinal))
        || word is "swept" or "taken" or "thrown" or "kobd" or "nsd" or "toreandod" or "kcd" or "stuck" or "caught" or "cut";

    private static bool IsParticiple(Item item, IReadOnlyList<Word> words)
    {
        var word = words[item.First].Text;
        return IsDone(word)
            || word
                is "shut"
                    or "hit"
                    or "put"
                    or "given"
                    or "held"
                    or "let"
                    or "denied"
                    or "lost"
                    or "met"
                    or "seen"
                    or "read"
                    or "broken"
                    or "made"
                    or "left"
                    or "done"
                    or "locked"
                    or "pulled"
                    or "saved";
    }

    private bool NextTo(Item one, Item other) =>
        Enumerable
            .Range(one.After, Math.Max(0, other.First - one.After))
            .All(i => words[i].Text is "back" or "just" or "immediately" or "absolutely" or "my" or "then" or "again" or "leg");

    private bool IsChain(List<Item> items, int at)
    {
        // Nothing but a person, "to" and small words between this verb and the one before.
        for (var i = at - 1; i >= 0; i--)
        {
            if (items[i].Part == Part.Verb)
                return toJust
                    || items[i].Is(Act.Nears)
                    || words[items[i].After - 1].Text == "to" && i == at - 1
                    || IsGot(words[items[i].First].Text) && i == at - 1 && IsParticiple(items[at], words)
                    || items[i].Is(Act.Allows)
                    || items[i].Is(Act.Tries) && words[items[at].First].Text.EndsWith("ing", StringComparison.Ordinal);
            if (items[i].Part is not (Part.Person or Part.Preposition or Part.Word or Part.Thing or Part.Not))
                return false;
        }
        return false;
    }

    private static bool IsAfterVerb(List<Item> items, int at) => at > 0 && items[at - 1].Part is Part.Verb or Part.Preposition;

    private bool IsComplement(List<Item> items, int at) => at > 0 && items[at - 1].Part is Part.Preposition or Part.Verb && !soft;

    private static bool NextIsInPhrase(List<Item> items, int at) => at > 0 && items[at - 1].Part == Part.Preposition;

    private bool NextBelongs(List<Item> items, int at) =>
        at + 1 < items.Count && !words[items[at + 1].First].AfterPause && items[at + 1].Part is Part.Name or Part.Word or Part.Verb;

    private bool IsFollowedByVerb(List<Item> items, int at)
    {
        for (var i = at + 1; i < Math.Min(items.Count, at + 4); i++)
        {
            if (words[items[i].First].AfterPause)
                return false;
            if (items[i].Part is Part.Verb or Part.Be or Part.Modal or Part.Unable)
                return true;
            if (items[i].Part == Part.Name)
                return i == at + 1;
            if (items[i].Part is not (Part.Word or Part.Not))
                return false;
        }
        return false;
    }
}
