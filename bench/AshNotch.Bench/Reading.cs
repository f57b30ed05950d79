using System.Globalization;
using AshNotch.Core.Reading.Claims;

namespace AshNotch.Bench;

/// <summary>Reads the annotated retellings, the half tuned on and the half set aside, and prints how far it agrees.</summary>
internal static class Reading
{
    public static void Run(string[] args)
    {
        var folder = Path.Combine(Root(), "bench", "reading");
        var asked = args.Length > 0 ? args[0] : null;
        if (asked == "learn")
        {
            Learning.Run(Path.Combine(folder, "tuning"));
            return;
        }
        if (asked == "hands")
        {
            Hands.HandTable.Print(args[1..]);
            return;
        }
        if (asked == "left-out")
        {
            Hands.LeftOut.Print(args[1..]);
            return;
        }
        if (asked == "learn-hands")
        {
            Hands.LeftOut.Learn(args[1..]);
            return;
        }
        BehaviourTable.Run(Path.Combine(folder, "behaviours.txt"), asked is "show" or "behaviours");
        if (asked == "behaviours")
            return;
        Console.WriteLine(
            "reading            retellings  mentions: recall precision role  "
                + "notches: recall precision  who   move  outcome  all right  wrongly counted"
        );
        foreach (var half in (string[])["tuning", "set-aside"])
        {
            var told = AnnotatedRetelling.ReadFolder(Path.Combine(folder, half)).ToList();
            // What disagrees is shown for the tuning half only: the other is a check, not a thing to look at.
            Print(half, told, asked == "show" && half == "tuning");
            Learning.With(Weights.Hand, () => Print("  weights by hand", told, false));
            Learning.With(Walk.Select(w => KeyValuePair.Create(w, 0.0)), () => Print("  without the walk", told, false));
        }
    }

    // What the place says of who can do what from there.
    private static IEnumerable<string> Walk => ["fit-suits", "fit-wrong", "fit-odd", "same-other-way", "turned-over", "own-escape"];

    private static void Print(string name, List<AnnotatedRetelling> tellings, bool show)
    {
        var score = new ReadingScore();
        foreach (var told in tellings)
        {
            Action<string>? tell = show ? line => Console.WriteLine($"  {told.File} · {told.Title}: {line}") : null;
            score.Add(told, tell);
        }
        Console.WriteLine(
            string.Create(CultureInfo.InvariantCulture, $"{name, -18} {score.Retellings, 10}  {"", 9} ")
                + $"{Share(score.MentionsFound, score.Mentions)}  {Share(score.MentionsFound, score.MentionsRead)}     "
                + $"{Share(score.RolesRight, score.Roles)} {"", 9} "
                + $"{Share(score.NotchesFound, score.Notches)}  {Share(score.NotchesFound, score.NotchesRead)}     "
                + $"{Share(score.WhoRight, score.NotchesFound)}  {Share(score.MoveRight, score.NotchesFound)}  "
                + $"{Share(score.OutcomeRight, score.NotchesFound)}     {Share(score.AllRight, score.Notches)}      "
                + $"{score.WronglyCounted} of {score.OnlySaid}"
        );
    }

    private static string Share(int part, int of) => (of == 0 ? 0 : (double)part / of).ToString("0.00", CultureInfo.InvariantCulture) + " ";

    /// <summary>A file of annotated tellings.</summary>
    public static string File(string name) => Path.Combine(Root(), "bench", "reading", name);

    private static string Root()
    {
        var directory = new DirectoryInfo(AppContext.BaseDirectory);
        while (!System.IO.File.Exists(Path.Combine(directory!.FullName, "global.json")))
            directory = directory.Parent;
        return directory.FullName;
    }
}
