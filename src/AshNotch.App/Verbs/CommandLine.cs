using System.CommandLine;
using System.Globalization;
using AshNotch.Core.Chain;
using AshNotch.Core.Drilling.Plans;
using AshNotch.Core.Scoring;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats;
using AshNotch.Storage;

namespace AshNotch.App.Verbs;

/// <summary>The verbs of <c>./notch</c> that this program answers. Exit codes: 0 done, 1 the input is at fault, 2 usage.</summary>
public static class CommandLine
{
    /// <summary>Runs a command line.</summary>
    public static async Task<int> Run(string[] args, MatVocabulary vocabulary, Output output)
    {
        var parsed = Root(vocabulary, output).Parse(args);
        if (parsed.Errors.Count > 0)
        {
            foreach (var error in parsed.Errors)
                output.Say(error.Message);
            output.Say("Run ./notch --help for the verbs.");
            return 2;
        }
        try
        {
            return await parsed.InvokeAsync(new InvocationConfiguration { EnableDefaultExceptionHandler = false });
        }
        catch (FaultyInputException faulty)
        {
            foreach (var fault in FaultyInputException.Said(faulty.Faults))
                output.Say(fault.ToString());
            return 1;
        }
        catch (Exception e) when (e is StorageException or IOException or UnauthorizedAccessException)
        {
            output.Say(e.Message);
            return 1;
        }
    }

    private static RootCommand Root(MatVocabulary vocabulary, Output output)
    {
        var file = new Argument<string>("FILE") { Description = "A file, or - for standard input." };
        var data = new Option<string?>("--data") { Description = "The data directory.", HelpName = "DIR" };
        var port = new Option<int?>("--port") { Description = "The port on 127.0.0.1; 0 takes a free one.", HelpName = "N" };
        port.Validators.Add(result =>
        {
            if (result.GetValueOrDefault<int?>() is < 0 or > 65535)
                result.AddError("--port is a number from 0 to 65535.");
        });

        var reset = new Option<bool>("--reset") { Description = "Start the demo over." };
        var demo = new Command("demo", "Start the application with the demo data.") { port, reset };
        demo.SetAction((parsed, stop) => Serving.Demo(parsed.GetValue(port), parsed.GetValue(reset), vocabulary, output, stop));

        var serve = new Command("serve", "Start the application on your own data.") { data, port };
        serve.SetAction((parsed, stop) => Serving.Serve(parsed.GetValue(data), parsed.GetValue(port), vocabulary, output, stop));

        var places = new Command("vocabulary", "The places and moves, as JSON.");
        places.SetAction(_ => output.Json(Views.VocabularyView.Of(vocabulary)));

        var partner = new Option<string?>("--partner") { Description = "The partner's nickname in the text.", HelpName = "NAME" };
        var partners = new Option<string?>("--partners")
        {
            Description = "Nicknames of partners already known, with commas between them.",
            HelpName = "A,B,...",
        };
        var why = new Option<bool>("--why") { Description = "Say of each notch why it was read so." };
        var read = new Command("read", "Read a retelling.") { file, partner, partners, why };
        read.SetAction(parsed =>
            ReadVerb.Run(
                parsed.GetValue(file)!,
                parsed.GetValue(partner),
                parsed.GetValue(partners)?.Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries) ?? [],
                parsed.GetValue(why),
                vocabulary,
                output
            )
        );

        var aim = new Option<string>("--aim") { Description = "points, finish, survive or balanced.", DefaultValueFactory = _ => "points" };
        aim.AcceptOnlyFromAmong([.. Term.All<Aim>()]);
        var against = new Option<string>("--against")
        {
            Description = "usual: your own mix of partners; even: a partner who is your equal.",
            DefaultValueFactory = _ => "usual",
        };
        against.AcceptOnlyFromAmong([.. Term.All<Against>()]);
        var top = new Option<int?>("--top") { Description = "How many to list.", HelpName = "N" };
        top.Validators.Add(result =>
        {
            if (result.GetValueOrDefault<int?>() is < 1)
                result.AddError("--top is a number from 1.");
        });
        var weakSpots = new Command("weak-spots", "Rank what really costs you.") { file, aim, against, top };
        weakSpots.SetAction(parsed =>
            WeakSpotsVerb.Run(
                parsed.GetValue(file)!,
                Term.TryRead<Aim>(parsed.GetValue(aim), out var wanted) ? wanted : Aim.Points,
                Term.TryRead<Against>(parsed.GetValue(against), out var whom) ? whom : Against.Usual,
                parsed.GetValue(top),
                vocabulary,
                output
            )
        );

        var plan = PlanCommand(file, aim, vocabulary, output);
        var score = ScoreCommand(file, vocabulary, output);
        var moves = MovesCommand(file, aim, vocabulary, output);
        var people = PartnersCommand(file, aim, vocabulary, output);

        var dry = new Option<bool>("--dry-run") { Description = "Say as JSON what would change, and change nothing." };
        var theirs = new Option<bool>("--theirs") { Description = "Take the file's wherever it and the log say otherwise." };
        var import = new Command("import", "Take a log into a data directory.") { file, data, dry, theirs };
        import.SetAction(parsed =>
            parsed.GetValue(dry)
                ? ImportExport.Try(parsed.GetValue(file)!, parsed.GetValue(data), vocabulary, output)
                : ImportExport.Import(parsed.GetValue(file)!, parsed.GetValue(data), parsed.GetValue(theirs), vocabulary, output)
        );

        var undo = new Command("undo-import", "Take the last import back as a whole.") { data };
        undo.SetAction(parsed => ImportExport.Undo(parsed.GetValue(data), output));

        var copy = new Argument<string>("FILE") { Description = "A file." };
        var backup = new Command("backup", "Write a copy of everything to one file, while serving too.") { copy, data };
        backup.SetAction(parsed => Keeping.Backup(parsed.GetValue(copy)!, parsed.GetValue(data), output));
        var restore = new Command("restore", "Put such a copy in the place of the log, which is kept.") { copy, data };
        restore.SetAction(parsed => Keeping.Restore(parsed.GetValue(copy)!, parsed.GetValue(data), output));
        var check = new Command("check", "Look through the whole file of a log.") { data };
        check.SetAction(parsed => Keeping.Check(parsed.GetValue(data), output));

        var format = new Option<string>("--format")
        {
            Description = "json for the whole log; vtt for the captions of one roll.",
            DefaultValueFactory = _ => "json",
        };
        format.AcceptOnlyFromAmong("json", "vtt");
        var roll = new Option<string?>("--roll") { Description = "The roll's id, for vtt.", HelpName = "ID" };
        var nameless = new Option<bool>("--nameless") { Description = "Without the names of partners: Partner 1, Partner 2 and so on." };
        var export = new Command("export", "Write a data directory's log to standard output.") { format, roll, nameless, data };
        export.Validators.Add(result =>
        {
            if (result.GetValue(format) == "vtt" && result.GetValue(roll) is null)
                result.AddError("--format vtt writes the captions of one roll; name it with --roll ID.");
        });
        export.SetAction(parsed =>
            parsed.GetValue(format) == "vtt"
                ? ImportExport.Captions(parsed.GetValue(data), parsed.GetValue(roll)!, parsed.GetValue(nameless), vocabulary, output)
                : ImportExport.Export(parsed.GetValue(data), parsed.GetValue(nameless), vocabulary, output)
        );

        return new RootCommand("Ash Notch: log your rolls, see what really costs you, choose what to drill.")
        {
            demo,
            serve,
            places,
            read,
            weakSpots,
            plan,
            score,
            moves,
            people,
            import,
            undo,
            export,
            backup,
            restore,
            check,
        };
    }

    private static Command MovesCommand(Argument<string> file, Option<string> aim, MatVocabulary vocabulary, Output output)
    {
        var by = new Option<string>("--by") { Description = "me or partner.", DefaultValueFactory = _ => "me" };
        by.AcceptOnlyFromAmong([.. Term.All<Who>()]);
        var moves = new Command("moves", "What each move really does, opens and exposes.") { file, by, aim };
        moves.SetAction(parsed =>
            MovesVerb.Run(
                parsed.GetValue(file)!,
                Term.TryRead<Who>(parsed.GetValue(by), out var whose) ? whose : Who.Me,
                Term.TryRead<Aim>(parsed.GetValue(aim), out var wanted) ? wanted : Aim.Points,
                vocabulary,
                output
            )
        );
        return moves;
    }

    private static Command PartnersCommand(Argument<string> file, Option<string> aim, MatVocabulary vocabulary, Output output)
    {
        var partner = new Option<string?>("--partner") { Description = "One partner alone, by its id.", HelpName = "ID" };
        var on = new Option<string?>("--on")
        {
            Description = "Who is likely there on this day; the next one they usually train on without it.",
            HelpName = "DATE",
        };
        on.Validators.Add(result =>
        {
            if (result.GetValueOrDefault<string?>() is { } written && Day(written) is null)
                result.AddError($"--on '{written}' is no day; write it as 2026-03-02.");
        });
        var partners = new Command("partners", "What the log says of the people in it.") { file, partner, on, aim };
        partners.SetAction(parsed =>
            PartnersVerb.Run(
                parsed.GetValue(file)!,
                parsed.GetValue(partner),
                parsed.GetValue(on) is { } written ? Day(written) : null,
                Term.TryRead<Aim>(parsed.GetValue(aim), out var wanted) ? wanted : Aim.Points,
                vocabulary,
                output
            )
        );
        return partners;
    }

    private static Command ScoreCommand(Argument<string> file, MatVocabulary vocabulary, Output output)
    {
        var rules = new Option<string?>("--rules")
        {
            Description =
                $"{string.Join(", ", Rulesets.Matches.Select(r => r.Id))}, or the user's own; without it a roll's own, else the federation's.",
            HelpName = "ID",
        };
        var roll = new Option<string?>("--roll") { Description = "One roll alone, by its id.", HelpName = "ID" };
        var score = new Command("score", "Keep score as a referee would.") { file, rules, roll };
        score.SetAction(parsed => ScoreVerb.Run(parsed.GetValue(file)!, parsed.GetValue(rules), parsed.GetValue(roll), vocabulary, output));
        return score;
    }

    private static Command PlanCommand(Argument<string> file, Option<string> aim, MatVocabulary vocabulary, Output output)
    {
        var weeks = new Option<int>("--weeks")
        {
            Description = $"How many weeks, {Block.LeastWeeks} to {Block.MostWeeks}.",
            HelpName = "N",
            DefaultValueFactory = _ => 3,
        };
        weeks.Validators.Add(result =>
        {
            if (result.GetValueOrDefault<int>() is < Block.LeastWeeks or > Block.MostWeeks)
                result.AddError($"--weeks is a number from {Block.LeastWeeks} to {Block.MostWeeks}.");
        });
        var start = new Option<string?>("--start") { Description = "The first day, yyyy-mm-dd; today when left out.", HelpName = "DATE" };
        start.Validators.Add(result =>
        {
            if (result.GetValueOrDefault<string?>() is { } day && Day(day) is null)
                result.AddError($"--start {day} is no day; write it as 2026-03-02.");
        });
        var days = new Option<string?>("--days") { Description = "The days of the week, such as mon,wed,sat.", HelpName = "DAYS" };
        days.Validators.Add(result =>
        {
            if (result.GetValueOrDefault<string?>() is { } named && Weekdays(named) is null)
                result.AddError($"--days {named} is no list of days; write them as mon,wed,sat.");
        });
        var minutes = new Option<int?>("--minutes") { Description = "Minutes for it on each of them, 1 to 240.", HelpName = "N" };
        minutes.Validators.Add(result =>
        {
            if (result.GetValueOrDefault<int?>() is < 1 or > 240)
                result.AddError("--minutes is a number from 1 to 240.");
        });
        var plan = new Command("plan", "A drilling block from the ranking of a log.") { file, weeks, start, days, minutes, aim };
        plan.SetAction(parsed =>
            PlanVerb.Run(
                parsed.GetValue(file)!,
                new PlanAsked(
                    parsed.GetValue(weeks),
                    parsed.GetValue(start) is { } day ? Day(day)!.Value : DateOnly.FromDateTime(DateTime.Now),
                    parsed.GetValue(days) is { } named ? Weekdays(named) : null,
                    parsed.GetValue(minutes),
                    Term.TryRead<Aim>(parsed.GetValue(aim), out var wanted) ? wanted : Aim.Points
                ),
                vocabulary,
                output
            )
        );
        return plan;
    }

    private static DateOnly? Day(string text) =>
        DateOnly.TryParseExact(text, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var day) ? day : null;

    private static List<DayOfWeek>? Weekdays(string text)
    {
        var named = text.Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries)
            .Select(n => Enum.GetValues<DayOfWeek>().Cast<DayOfWeek?>().FirstOrDefault(d => IsDay(n, d!.Value)))
            .ToList();
        return named.Count == 0 || named.Contains(null) ? null : [.. named.OfType<DayOfWeek>()];
    }

    private static bool IsDay(string written, DayOfWeek day) =>
        written.Length >= 3 && day.ToString().StartsWith(written, StringComparison.OrdinalIgnoreCase);
}
