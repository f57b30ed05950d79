using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Repertoire;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;

namespace AshNotch.App.Verbs;

/// <summary><c>moves FILE</c>: what each move really does.</summary>
internal static class MovesVerb
{
    public static int Run(string file, Who by, Aim aim, MatVocabulary vocabulary, Output output)
    {
        using var stream = output.Open(file);
        var read = LogReader.Read(stream, vocabulary);
        ImportExport.ReportOwnTerms(read.OwnTerms, output);
        var goal = Goal.Of(aim);
        var values = PlaceValues.Of(Experience.Of(read.Log, vocabulary), goal);
        return output.Json(MovesAnswer.Of(MoveBook.Of(read.Log, values, goal, by), by, aim, vocabulary), AnswerJson.Default.MovesAnswer);
    }
}
