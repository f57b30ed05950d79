using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Partners;
using AshNotch.Core.Scoring;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats;
using AshNotch.Formats.Json;

namespace AshNotch.App.Verbs;

/// <summary><c>partners FILE</c>: what a log says of the people in it.</summary>
internal static class PartnersVerb
{
    public static int Run(string file, string? partner, DateOnly? on, Aim aim, MatVocabulary vocabulary, Output output)
    {
        using var stream = output.Open(file);
        var read = LogReader.Read(stream, vocabulary);
        ImportExport.ReportOwnTerms(read.OwnTerms, output);
        var log = read.Log;
        if (partner is not null && log.Partner(partner) is null)
            throw new FaultyInputException([new Fault("--partner", $"'{partner}' is no partner of this log; name one by its id.")]);
        var goal = Goal.Of(aim);
        var rules = new Rulebook(read.Diary.Matches.Rulesets);
        var dossiers = Dossiers.Of(log, PlaceValues.Of(Experience.Of(log, vocabulary), goal), goal, rules.Of);
        // Without a day, the first one after the log on which they usually train.
        var day = on ?? (log.Sessions.Max(s => s.Date) is { } newest ? dossiers.Attendance.NextClass(newest) ?? newest : DateOnly.MinValue);
        return output.Json(
            new PartnersAnswer([
                .. log
                    .Partners.Where(p => partner is null || p.Id == partner)
                    .Select(p => PartnersAnswer.Dossier.Of(dossiers.Of(p, day), vocabulary)),
            ]),
            AnswerJson.Default.PartnersAnswer
        );
    }
}
