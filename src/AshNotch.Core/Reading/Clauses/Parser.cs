using AshNotch.Core.Reading.Names;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Clauses;

/// <summary>Cuts a telling into clauses: who acts, on whom, how it is put. Knows grammar, nothing of the sport.</summary>
/// <param name="words">The words.</param>
/// <param name="items">What each of them is.</param>
internal sealed class Parser(IReadOnlyList<Word> words, IReadOnlyList<Item> items)
{
    private const int MostItems = 60;

    private readonly Forms forms = new(words);
    private readonly Headings headings = new(words);
    private readonly Acting acting = new(words, items);
    private readonly Neighbours around = new(words, items);
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
    private bool carriedJust;
    private bool toJust;
    private Party? ordinalOf;

    /// <summary>The clauses of the items, in order.</summary>
    public static List<Clause> Clauses(IReadOnlyList<Word> words, IReadOnlyList<Item> items)
    {
        var parser = new Parser(words, items);
        for (var i = 0; i < items.Count; i++)
            parser.Hear(i);
        parser.Close();
        MarkLists(parser.clauses);
        return parser.clauses;
    }

    // "He stood up, broke my legs open and ran round": what "and" ends is one list, of one who acts.
    private static void MarkLists(List<Clause> clauses)
    {
        for (var i = clauses.Count - 2; i >= 0; i--)
            clauses[i].IsInList =
                clauses[i] is { Subject: null, NewSentence: false, Link.Length: 0 }
                && clauses[i + 1] is { Subject: null, NewSentence: false } next
                && (next.Link == "and" || next.IsInList);
    }

    private void Hear(int at)
    {
        var item = items[at];
        if (item.First > 0)
            Breathe(words[item.First].Before, words[item.First].HasEmoji);
        // What leads on to a name says how the next is meant, and settles nothing yet.
        if (item.Part is Part.Owner or Part.Determiner or Part.Preposition)
        {
            HearLead(at);
            Take(item);
            return;
        }
        switch (item.Part)
        {
            case Part.Link:
                HearLink(item);
                break;
            case Part.Person:
                HearPerson(at);
                break;
            case Part.Thing:
                HearThing(at);
                break;
            case Part.Be:
                be = true;
                break;
            case Part.Not:
                HearNot(at);
                break;
            case Part.Unable:
                if (soft && now.IsFull)
                    Close();
                unable = true;
                break;
            case Part.Verb:
                HearVerb(at);
                break;
            case Part.Name:
                HearName(at);
                break;
        }
        Take(item);
        Settle(item);
    }

    // What was said before a word holds no longer after it.
    private void Settle(Item item)
    {
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

    private void HearLead(int at)
    {
        var item = items[at];
        switch (item.Part)
        {
            // "A kneebar attempt of hers".
            case Part.Owner when Grammar.Is("owned", item.Text) && now.Names.Count > 0 && IsOfWhom(at):
                now.Names[^1].By = item.Party;
                break;
            // "His second, a proper double": what is named next is his.
            case Part.Owner when around.NextIsOrdinal(at):
                ordinalOf = item.Party;
                break;
            case Part.Owner:
                if (soft && now.IsFull && !around.IsInPhrase(at))
                    Close();
                owner = item.Party;
                determined = true;
                break;
            // "His first double leg".
            case Part.Determiner when at > 0 && items[at - 1].Part == Part.Owner:
                break;
            case Part.Determiner:
                // "I went for the toreando, first try blocked, second try landed".
                if (soft && now.IsFull && around.IsOfTry(at))
                    Close();
                owner = null;
                determined = true;
                break;
            default:
                owner = null;
                determined = false;
                lead = item.Text;
                toJust = item.Text == "to";
                break;
        }
    }

    private static Party Facing(Party? one) => one == Party.Me ? Party.Partner : Party.Me;

    // "One of his", "a kneebar, mine"; but "a leg behind mine" is where it was.
    private bool IsOfWhom(int at) => lead == "of" || items[at].Text is not "his" && items[at - 1].Part != Part.Preposition;

    private void HearLink(Item item)
    {
        // "He finally got it", "he, after some fighting, got it".
        if (item.Kind == "then" && subjectJust && !now.IsFull)
            return;
        if (now.IsFull || now.Denies || now.Subject is not null && item.Kind is "and" or "but" or "then")
            Close();
        // "... that never came, because what came was ...": what was denied is over.
        if (item.Kind is "because" or "when" or "until" or "if")
            not = unable = be = false;
        if (item.Kind != "and" || now.Link.Length == 0)
            now.Link = item.Kind;
    }

    private void HearThing(int at)
    {
        // "The sweep that he hit".
        if (items[at].Text == "that" && IsRelative(at) || around.IsAfterVerb(at) && now.Names.Count == 0)
            return;
        if (now.IsFull && !IsComplement(at))
            Close();
        // "I think it was the scissor": it is not I who did it.
        if (now is { IsFull: false, Subject: Party.Me } && at > 0 && Grammar.Is("aside", items[at - 1].Text))
            now.Subject = null;
        if (!now.IsFull)
            now.OfThing = true;
    }

    private void HearNot(int at)
    {
        // "Mount from him, never".
        var isNo = items[at].Text is "no" or "nope" || items[at].Text == "never" && soft && !around.NextBelongs(at);
        if (soft && now.IsFull || isNo && now.Names.Count > 0)
            Close();
        not = true;
        if (isNo && !around.NextBelongs(at))
            now.Denies = true;
    }

    private bool IsRelative(int at) =>
        !soft
        && at > 0
        && at + 1 < items.Count
        && items[at - 1].Part == Part.Name
        && items[at + 1].Part == Part.Person
        && (items[at + 1].Acts || around.IsFollowedByVerb(at + 1))
        && now is { Subject: null, Verbs.Count: 0, Names.Count: 1 };

    private void Breathe(string before, bool emoji)
    {
        var pause = Pause.Of(before, emoji);
        soft |= pause.IsBreath;
        if (pause.IsStop || pause.IsArrow)
        {
            Close();
            now.NewSentence = pause.IsStop;
            now.NewLine = before.Contains('\n');
            if (pause.IsArrow)
                now.Link = "then";
            soft = false;
            return;
        }
        if (headings.IsOne(now, before))
        {
            now.IsHeading = true;
            Close();
            now.NewSentence = true;
            return;
        }
        soft |= pause.IsShort || pause.Adds;
        if (!pause.IsShort)
            return;
        // "Swept me straight over, mount".
        if (Grammar.Is("adverb", lead))
            lead = "";
        owner = null;
        determined = false;
        be = false;
        if (now.Denies)
            Close();
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

    private void HearPerson(int at)
    {
        var item = items[at];
        if (IsBracketed(item) && now.Names.Count > 0)
        {
            foreach (var done in now.Names)
                (done.By, done.IsMarked) = (done.By ?? item.Party, true);
            return;
        }
        // "At the start Oak hit it": a preposition speaks of what stands next to it.
        var lead = at > 0 && (items[at - 1].Part is Part.Preposition or Part.Verb || item.Suffers) ? this.lead : "";
        if (acting.Is(at, lead, soft, now))
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
            // "The choke, which I have drilled all winter, ...": his or hers who does it.
            if (
                now is { IsFull: false, Subject: null, Items: [{ Part: Part.Link, Text: "which" }, ..] }
                && clauses is [.., { Subject: null, Verbs.Count: 0, Names: [{ By: null, Owner: null } known] }]
                && around.IsOwnDoing(at)
            )
                known.By = item.Party;
            // "A triangle I walked into": the other one's.
            if (
                now is { Subject: null, Verbs.Count: 0, Names: [.., { By: null, Found.Move.IsSubmission: true } met] }
                && items[at - 1].Part == Part.Name
                && !soft
                && at + 1 < items.Count
                && items[at + 1].Is(Act.Yields)
            )
            {
                met.By = Facing(item.Party);
                return;
            }
            // "My head would pop, I tapped": it goes on with what happened.
            var turns = words[item.First].AfterPause && now.Items.Any(i => i.Part == Part.Modal);
            if (now.IsFull || turns || now.Subject is not null && now.Subject != item.Party)
                Close();
            // "Crossed them, I tapped": them nobody tapped.
            if (words[item.First].AfterPause)
                now.Object = null;
            now.Subject = item.Party;
            now.OfThing = false;
            ordinalOf = null;
            be = not = unable = false;
            return;
        }
        if (
            now.Names.Count > 0
            && (
                lead is "by" or "from"
                || lead is "to" or "for" && now is { Verbs.Count: 0, Subject: null } && !forms.EndsIn(now.Names[^1].Found, "in")
            )
        )
        {
            // "Got my guard passed by everybody": known already.
            if (item.Party != Party.Other || now.Names[^1].By is null)
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

    private void HearVerb(int at)
    {
        var item = items[at];
        // "Second try landed".
        if (at > 0 && item.After - item.First == 1 && around.IsOfTry(at - 1))
            return;
        // "My posture", "a good base", "off my shot": a thing, not what somebody did.
        if (
            determined
            && !toJust
            && item.After - item.First == 1
            && !Grammar.Is("finite", item.Text)
            && (
                now.Names.Count > 0 && Grammar.Is("shooting", item.Text)
                || !item.Does.Any(d =>
                    d is Act.Tries or Act.Threatens or Act.Taps or Act.Fails or Act.Restarts or Act.Times or >= Act.Repairs
                ) && !Forms.IsDone(words[item.First].Text)
            )
        )
            return;
        // "Her choke was on before I peeled the hand", "triangle from me he said": what came before is told.
        if (
            now.IsFull
            && (item.Text == "before" || item.Does is [Act.Repairs] || item.After - item.First > 1 && Grammar.Is("subject", item.Text))
        )
            Close();
        // "no luck", "time", "tap" say all by themselves.
        var chained = now.Verbs.Count > 0 && (toJust || IsChain(at));
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
        // "When I lay flat, took mount": not who lay took it.
        if (
            soft
            && now is { IsFull: false, Subject: not null, Link: "when" or "because" or "which" }
            && now.Items.Any(i => i.Part == Part.Word && i.First > now.First)
        )
            Close();
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
        var got = now.Verbs.Count > 0 && Forms.IsGot(words[now.Verbs[^1].Item.First].Text) && now.Verbs[^1].Item.After == item.First;
        // "Got caught in", "got stuffed".
        if (got && forms.IsParticiple(item))
        {
            not |= now.Verbs[^1].Not;
            now.Verbs.RemoveAt(now.Verbs.Count - 1);
            be = true;
        }
        var passive = be && forms.IsParticiple(item);
        now.Verbs.Add(new VerbUse(item, not, unable, passive));
        not = unable = false;
        // "I was nearly swept".
        be = be && item.Is(Act.Nears) && item.After - item.First == 1;
    }

    private void HearName(int at)
    {
        var name = items[at].Name!;
        var goesOn = false;
        if (soft && now.IsFull && !Forms.IsPhrase(lead))
        {
            var kept = (owner, determined, lead, not, unable, be);
            goesOn = now.Verbs.Count > 0 && now.Names.Count > 0;
            Close();
            (owner, determined, lead, not, unable, be) = kept;
        }
        var last = now.Verbs.Count > 0 ? now.Verbs[^1] : null;
        var isIng = forms.EndsIn(name, "ing");
        var passive = name.Move is not null && !determined && IsPassive(items[at], last);
        // "Oak: got swept": the one who writes was.
        if (passive && headings.Opens(now))
            now.Subject = null;
        var acts = name.Move is not null && !determined && !passive && IsDeed(at, last, isIng);
        var close = CutsBefore(name, last, acts || passive);
        if (close)
        {
            var listed = now.Verbs.Count > 0 && now.Names.Count > 0 && (soft || now.Link == "and");
            Close();
            goesOn |= listed;
        }
        else if (soft && now.Names.Count > 0 && !Forms.IsPhrase(lead))
        {
            Close();
        }
        now.GoesOn |= goesOn && !acts;
        // "Got my guard passed".
        var suffers =
            owner is Party.Me or Party.Partner
            && name.Move is { IsSubmission: false }
            && items[at - 1].Part == Part.Owner
            && last is not null
            && last.Item.After == items[at - 1].First
            && (Forms.IsGot(words[last.Item.First].Text) || Grammar.Is("having", words[last.Item.First].Text))
            && Forms.IsDone(words[name.After - 1].Text);
        now.Names.Add(
            new NameUse(name)
            {
                By = suffers ? Facing(owner) : null,
                Lead = acts ? "" : lead,
                Owner = owner ?? (name.Move is not null ? ordinalOf : null),
                IsVerb = acts || passive || suffers,
                Passive = passive,
                IsCarried = passive && carriedJust,
                Not = not,
                Unable = unable,
                Within = forms.Within(name),
                UnderWay = (be || now.Items is [.., { Part: Part.Person } who] && Grammar.Is("with-be", who.Text)) && isIng,
            }
        );
        not = unable = be = false;
        if (name.Move is not null)
            ordinalOf = null;
    }

    // "Armbar from mount (me), kimura (her)": whose it was.
    private bool IsBracketed(Item item) =>
        item.After - item.First == 1
        && words[item.First].Before.EndsWith('(')
        && (item.After == words.Count || words[item.After].Before.StartsWith(')'));

    // "Was swept", "got passed", "mounted by him".
    private bool IsPassive(Item item, VerbUse? last)
    {
        var name = item.Name!;
        carriedJust = false;
        if (!forms.IsParticiple(name))
            return false;
        var gotBefore =
            last is { } got
            && got.Is(Act.Gets)
            && Forms.IsGot(words[got.Item.First].Text)
            && got.Item.After - got.Item.First == 1
            && forms.NextTo(got.Item, item);
        // "Got swept, passed and mounted." "Guard passed. Mounted."
        var alone = name.After >= words.Count || words[name.After].AfterStop;
        var carried =
            carriesPassive
            && now is { Subject: null, Verbs.Count: 0, Names.Count: 0 }
            && (soft || now.Link is "and" or "then" || now is { NewSentence: true, NewLine: false, Items.Count: 0 } && alone);
        carriedJust = carried && !be && !gotBefore;
        return (be || now.Items is [.., { Part: Part.Person, Text: "im" }] && !around.IsOnOther(name)) && lead.Length == 0
            || gotBefore
            || carried
            || forms.IsGotDone(name)
            || words[name.First].Text == "thrown"
            || words[name.First].Text == "guard" && now is { Subject: null, Items.Count: 0 } && last is null
            || now.Subject is null && last is null && name.After < words.Count && words[name.After].Text == "by";
    }

    // "I knee cut", "tried to pass", "let him pass".
    private bool IsDeed(int at, VerbUse? last, bool isIng)
    {
        if (lead.Length > 0 && !toJust || toJust && last is null && now.Names.Count > 0)
            return false;
        // "Tapped early to the kneebar": what has an article is a thing.
        if (Grammar.Is("determiner", words[items[at].First].Text))
            return false;
        // "I trap the arm and bridge".
        var joins =
            now is { Link: "and", Subject: null, Verbs.Count: 0, Names.Count: 0, Items.Count: 1 }
            && clauses is [.., { Subject: not null }]
            && items[at].After - items[at].First == 1
            && Grammar.Is("done-bare", items[at].Text);
        return joins
            // "Gets the back and chokes me".
            || at > 0 && items[at - 1].Text == "and" && forms.IsDoneTo(items[at].Name!)
            || last is null && now.Names.Count == 0 && forms.IsDoneNow(items[at].Name!)
            || subjectJust && now.Verbs.Count == 0 && now.Names.Count == 0
            || toJust && last is not null
            || last is not null && last.Is(Act.Allows) && at > 0 && items[at - 1].Part == Part.Person
            || (forms.IsParticiple(items[at].Name!) || isIng) && (last is null || toJust || last.Is(Act.Nears))
            || (unable || not) && last is null && now.Subject is not null;
    }

    // A name begins a clause of its own unless it is what the one before was done to, with or in.
    private bool CutsBefore(Found name, VerbUse? last, bool isVerb)
    {
        if (Forms.IsPhrase(lead))
            return false;
        // "Threatened the kimura to get the triangle": each verb has its own.
        var served = now.Names.Count > 0 && last is not null && last.Item.First > now.Names[^1].Found.First;
        // "Went for the inside position, the armbar": the same once more.
        var apposed =
            last is not null && last.Is(Act.Tries) && !last.Is(Act.Gets) && determined && now.Subject is not null && now.Link.Length == 0;
        var full = now.Names.Count > 0 ? !served : !apposed && last is not null && soft;
        if (!full || now.Names.Count == 0 || soft || isVerb)
            return full;
        var said = now.Names[^1];
        return !said.IsVerb && !(name.Position is not null && said.Found is { Move: not null } before && before.After == name.First);
    }

    private void Close()
    {
        // "Coach Hana passed my guard": who does it to me is the one I roll with.
        if (now.Subject == Party.Other && now.Names.Any(IsDoneToMe))
            now.Subject = Party.Partner;
        if (now.Items.Count > 0)
            clauses.Add(now);
        if (now.IsFull)
            // "Armbarred from guard, then triangled".
            carriesPassive =
                now.Names.Count > 0
                && (now.Names[^1].Passive || now.Names.LastOrDefault(n => n.Found.Move is not null) is { Passive: true });
        now = new Clause();
        owner = null;
        lead = "";
        determined = not = unable = be = subjectJust = toJust = false;
    }

    private bool IsDoneToMe(NameUse done) =>
        done.IsVerb
        && (
            (done.Within ?? done.To) == Party.Me
            || now.Names.Any(n => n is { Owner: Party.Me, Found.Position: not null } && n.Found.First == done.Found.After + 1)
        );

    private bool IsChain(int at)
    {
        // Nothing but a person, "to" and small words between this verb and the one before.
        for (var i = at - 1; i >= 0; i--)
        {
            if (items[i].Part == Part.Verb)
                return toJust
                    || items[i].Is(Act.Nears)
                    || words[items[i].After - 1].Text == "to" && i == at - 1
                    || Forms.IsGot(words[items[i].First].Text) && i == at - 1 && forms.IsParticiple(items[at])
                    || items[i].Is(Act.Allows)
                    || items[i].Is(Act.Tries) && words[items[at].First].Text.EndsWith("ing", StringComparison.Ordinal);
            if (items[i].Part is not (Part.Person or Part.Preposition or Part.Word or Part.Thing or Part.Not))
                return false;
        }
        return false;
    }

    private bool IsComplement(int at) => at > 0 && items[at - 1].Part is Part.Preposition or Part.Verb && !soft;
}
