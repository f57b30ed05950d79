using AshNotch.Core.Costs;
using AshNotch.Core.Drilling.Choosing;
using AshNotch.Core.Drilling.Plans;
using AshNotch.Core.Drilling.Review;
using AshNotch.Core.Drilling.Week;
using AshNotch.Core.Scoring;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;

namespace AshNotch.App.Verbs;

/// <summary><c>plan FILE</c>: a drilling block from the ranking of a log.</summary>
internal static class PlanVerb
{
    public static int Run(string file, PlanAsked asked, MatVocabulary vocabulary, Output output)
    {
        using var stream = output.Open(file);
        var read = LogReader.Read(stream, vocabulary);
        ImportExport.ReportOwnTerms(read.OwnTerms, output);
        var drills = read.Diary.Drills;
        var week = asked.In(drills.Week ?? MyWeek.Usual);
        var goal = week.Under(asked.Aim, [.. new Rulebook(read.Diary.Matches.Rulesets).Families]);
        var drilled = drills.Before(asked.Start);
        var experience = Experience.Of(read.Log, vocabulary);
        var ranking = WeakSpotRanking.Of(experience, goal, Against.Usual);
        var efforts = Moving.Learned(drills, read.Log, asked.Start, vocabulary);
        var proposal = Proposing.Of(experience, ranking, goal, week, drills.Settling(asked.Start), asked.Start, efforts);
        if (proposal.Sets.Count == 0)
        {
            output.Say(proposal.None!);
            return output.Json(PlanAnswer.Nothing(proposal), AnswerJson.Default.PlanAnswer);
        }
        var block = Block.Of("block", proposal.Sets[0], asked.Start, asked.Weeks);
        var plan = Planning.Of(block, week, drilled, experience);
        if (plan.None is { } none)
            output.Say(none);
        return output.Json(PlanAnswer.Of(block, proposal, plan, vocabulary), AnswerJson.Default.PlanAnswer);
    }
}
