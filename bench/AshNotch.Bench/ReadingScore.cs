using AshNotch.Core.Reading;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Bench;

/// <summary>How far a reading agrees with the marks of a person.</summary>
internal sealed class ReadingScore
{
    private static readonly Phrasebook Book = Phrasebook.Of(MatVocabulary.BuiltIn);

    public int Mentions { get; private set; }
    public int MentionsRead { get; private set; }
    public int MentionsFound { get; private set; }
    public int Roles { get; private set; }
    public int RolesRight { get; private set; }
    public int Notches { get; private set; }
    public int NotchesRead { get; private set; }
    public int NotchesFound { get; private set; }
    public int WhoRight { get; private set; }
    public int MoveRight { get; private set; }
    public int OutcomeRight { get; private set; }
    public int AllRight { get; private set; }
    public int OnlySaid { get; private set; }
    public int WronglyCounted { get; private set; }
    public int Retellings { get; private set; }

    /// <summary>Takes in one retelling; what disagrees is told to <paramref name="tell"/>.</summary>
    public void Add(AnnotatedRetelling told, Action<string>? tell = null)
    {
        Retellings++;
        var read = RollReader.Read(told.Text, Book, told.Partner);
        AddMentions(told, read, tell);
        AddNotches(told, read, tell);
    }

    private void AddMentions(AnnotatedRetelling told, RollRead read, Action<string>? tell)
    {
        Mentions += told.Marks.Count;
        MentionsRead += read.Mentions.Count;
        var free = read.Mentions.ToList();
        foreach (var mark in told.Marks)
        {
            var same = free.FirstOrDefault(m => m.Start < mark.End && mark.Start < m.End && IsSameName(m, mark));
            if (same is null)
            {
                var instead = read.Mentions.Where(m => m.Start < mark.End && mark.Start < m.End).Select(m => $", read as {m.Id}");
                tell?.Invoke($"mention missed: {told.Text[mark.Start..mark.End]} = {mark.Id}{string.Concat(instead)}");
                continue;
            }
            free.Remove(same);
            MentionsFound++;
            if (!mark.IsPlace || same.Kind != MentionKind.Place)
                continue;
            Roles++;
            if (same.Id == mark.Id)
                RolesRight++;
            else
                tell?.Invoke($"role wrong: {told.Text[mark.Start..mark.End]} = {mark.Id}, read as {same.Id}");
        }
        foreach (var extra in free)
            tell?.Invoke($"mention too many: {extra.Text} = {extra.Id}");
    }

    private void AddNotches(AnnotatedRetelling told, RollRead read, Action<string>? tell)
    {
        var free = read.Exchanges.SelectMany(e => e.Exchange.Notches).ToList();
        NotchesRead += free.Count;
        var marks = told.Marks.Where(m => m.By is not null).ToList();
        Notches += marks.Count;
        foreach (var mark in marks)
        {
            var near = free.Where(n => n.Span is { } s && s.Start < mark.End && mark.Start < s.End).ToList();
            var notch =
                near.FirstOrDefault(n => IsSame(n, mark))
                ?? near.FirstOrDefault(n => !marks.Any(other => other != mark && IsSame(n, other)));
            if (notch is null)
            {
                tell?.Invoke($"notch missed: {Say(mark, told.Text)}");
                continue;
            }
            free.Remove(notch);
            NotchesFound++;
            var (who, move, outcome) = (notch.By == mark.By, IsSame(notch, mark), notch.Outcome == mark.Outcome);
            WhoRight += who ? 1 : 0;
            MoveRight += move ? 1 : 0;
            OutcomeRight += outcome ? 1 : 0;
            AllRight += who && move && outcome ? 1 : 0;
            if (!(who && move && outcome))
                tell?.Invoke($"notch differs: {Say(mark, told.Text)}, read as {Say(notch)}");
        }
        foreach (var extra in free)
            tell?.Invoke($"notch too many: {Say(extra)} from '{told.Text[extra.Span!.Value.Start..extra.Span.Value.End]}'");

        foreach (var mark in told.Marks.Where(m => m.OnlySaid))
        {
            OnlySaid++;
            var counted = free.FirstOrDefault(n => n.Span is { } s && s.Start < mark.End && mark.Start < s.End && IsSame(n, mark));
            if (counted is null)
                continue;
            WronglyCounted++;
            tell?.Invoke($"wrongly counted: {told.Text[mark.Start..mark.End]}");
        }
    }

    private static bool IsSame(Notch notch, Mark mark) =>
        mark.IsPlace
            ? notch.To is { } to && Position(to.Value) == Position(mark.Id) && (notch.Move is null || !IsOther(notch, mark))
            : notch.Move?.Value == mark.Id;

    // "took his back" names the move and the place it leads to alike.
    private static bool IsSameName(Mention read, Mark mark) =>
        Position(read.Id) == Position(mark.Id)
        || (mark.IsPlace && MatVocabulary.BuiltIn.Move(new MoveId(read.Id))?.To is { } to && Position(to.Id.Value) == Position(mark.Id));

    // A named move that leads to the place is the same event told with its verb.
    private static bool IsOther(Notch notch, Mark mark) => notch.Span is { } s && !(s.Start < mark.End && mark.Start < s.End);

    private static string Position(string id) => id.Split('/')[0];

    private static string Say(Mark mark, string text) => $"{mark.By} {mark.Id} {mark.Outcome} ('{text[mark.Start..mark.End]}')";

    private static string Say(Notch notch) =>
        $"{notch.By} {notch.Move?.Value ?? "-"} {notch.From?.Value ?? "?"}>{notch.To?.Value ?? "?"} {notch.Outcome}";
}
