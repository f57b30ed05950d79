using System.Globalization;
using System.Text;
using AshNotch.App.Views;
using AshNotch.Core.Drilling.Areas;
using AshNotch.Core.Drilling.Choosing;
using AshNotch.Core.Drilling.Plans;
using AshNotch.Core.Drilling.Review;
using AshNotch.Core.Drilling.Rounds;
using AshNotch.Core.Drilling.Week;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats;
using AshNotch.Formats.Calendar;
using AshNotch.Formats.Json;
using AshNotch.Storage;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>My week, the block that is drilled, its sessions, and what was done of them.</summary>
internal static class PlanEndpoints
{
    private const int UsualWeeks = 3;

    public static IEndpointRouteBuilder MapPlan(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/plan", Plan).WithName("plan");
        routes.MapGet("/api/plan/proposal", Propose).WithName("planProposal").ProducesValidationProblem();
        routes.MapPut("/api/plan/week", KeepWeek).WithName("keepWeek").ProducesValidationProblem();
        routes.MapPut("/api/plan/ratings", Rate).WithName("rateAreas").ProducesValidationProblem();
        routes.MapPost("/api/plan/blocks", Begin).WithName("beginBlock").ProducesValidationProblem();
        routes.MapPost("/api/plan/blocks/{id}", Change).WithName("changeBlock").ProducesValidationProblem();
        routes.MapGet("/api/plan/calendar", Calendar).ExcludeFromDescription();
        routes.MapGet("/api/plan/blocks/{id}/review", Review).WithName("reviewBlock");
        routes.MapPost("/api/focus", Drill).WithName("drill").ProducesValidationProblem();
        routes.MapPost("/api/plan/done", KeepDone).WithName("keepDrilled").ProducesValidationProblem();
        return routes;
    }

    private static Results<FileContentHttpResult, NotFound> Calendar(HttpRequest request, LogCache cache, TimeProvider clock)
    {
        var today = clock.Today();
        if (cache.Diary.Drills.Running(today) is not { } running)
            return TypedResults.NotFound();
        var text = PlanCalendar.Write(
            running.Id,
            WayWords.AsWork(running.Focuses[0].Way, cache.Vocabulary).TrimEnd('.'),
            Plan(cache, clock).Sessions,
            clock.GetUtcNow().UtcDateTime,
            HiddenNames.Out(request, cache)
        );
        return TypedResults.File(Encoding.UTF8.GetBytes(text), "text/calendar; charset=utf-8", "ash-notch-plan.ics");
    }

    private static PlanView Plan(LogCache cache, TimeProvider clock)
    {
        var today = clock.Today();
        var drills = cache.Diary.Drills;
        var running = drills.Running(today);
        var plan = running is null
            ? new Plan([], null)
            : Planning
                .Of(
                    Progress.Now(running, drills.Done),
                    drills.Week ?? MyWeek.Usual,
                    drills.Before(running.Start),
                    cache.Experience(default),
                    today
                )
                .With(cache.Lessons.Cues);
        var done = drills.Done.Where(d => d.Block == running?.Id).ToList();
        return new PlanView(
            today,
            DrillWriting.Document(drills.Week ?? MyWeek.Usual),
            Sore.Advice,
            running is null ? null : BlockView.Of(running, drills.Done, cache.Vocabulary),
            drills.ToDecide(today) is { } ended ? BlockView.Of(ended, drills.Done, cache.Vocabulary) : null,
            plan.Sessions,
            plan.NextAfter(done),
            done.Any(d => d.Date == today),
            plan.None,
            [.. done.Select(DrillWriting.Document)],
            [.. drills.Blocks.Where(b => b != running).Reverse().Select(b => BlockView.Of(b, drills.Done, cache.Vocabulary))],
            [
                .. AreaRecord
                    .Of(cache.Log, drills.Ratings, today, cache.Vocabulary)
                    .Select(a => new AreaView(Term.Of(a.Area), Term.Say(a.Area), a.Last, a.Before, a.Record)),
            ],
            [.. Enum.GetValues<School>().Select(s => new SchoolView(Term.Of(s), SchoolWords.Of(s).First, SchoolWords.Of(s).Second))]
        );
    }

    private static Proposal Propose(string? start, LogCache cache, Preferences preferences, TimeProvider clock)
    {
        var check = new Checker();
        var first = check.Day(start, "", "start") ?? clock.Today();
        check.ThrowIfFaulty();
        return Proposed(cache, preferences, first);
    }

    private static Proposal Proposed(LogCache cache, Preferences preferences, DateOnly start)
    {
        var drills = cache.Diary.Drills;
        var week = drills.Week ?? MyWeek.Usual;
        var goal = week.Under(cache.Goal, preferences.All.Rulesets);
        return Proposing.Of(
            cache.Experience(default),
            cache.Ranking(default, goal, Against.Usual),
            goal,
            week,
            drills.Settling(start),
            start,
            cache.Efforts(start)
        );
    }

    private static Ok<WeekDocument> KeepWeek(WeekDocument written, LogStore store)
    {
        var check = new Checker();
        var week = DrillReading.Read(written, check, "");
        check.ThrowIfFaulty();
        store.KeepWeek(week);
        return TypedResults.Ok(DrillWriting.Document(week));
    }

    private static NoContent Rate(IReadOnlyList<RatingDocument> written, LogStore store, TimeProvider clock)
    {
        var check = new Checker();
        var today = clock.Today();
        var ratings = RollReading.Each(written, "", check, DrillReading.Read);
        if (ratings.Any(r => r.Date > today))
            check.Fault("date", "is still to come; an area is rated today, or was on a day before.");
        check.ThrowIfFaulty();
        store.KeepRatings(ratings);
        return TypedResults.NoContent();
    }

    private static Ok<BlockView> Begin(BlockAsked asked, LogCache cache, Preferences preferences, LogStore store, TimeProvider clock)
    {
        var check = new Checker();
        var today = clock.Today();
        var start = check.Day(asked.Start, "", "start") ?? today;
        if (start < today)
            check.Fault("start", "lies in the past; a block begins today or later.");
        var weeks = (int)(check.Number(asked.Weeks, "", "weeks", Block.LeastWeeks, Block.MostWeeks, "weeks") ?? UsualWeeks);
        var reason = check.Text(asked.Reason, "", "reason");
        var ways = RollReading.Each(asked.Ways, "ways", check, static (w, check, path) => DrillReading.Way(w, check, path + "."));
        if (ways.Count > Proposing.Most)
            check.Fault("ways", $"at most {Proposing.Most} at a time; what is drilled a little of is drilled not at all.");
        check.ThrowIfFaulty();
        var id = NewId(start);
        Block block;
        if (ways.Count > 0)
        {
            var focuses = ways.Select(w => Own(w, cache)).ToList();
            block = new Block(id, start, start.AddDays(7 * weeks - 1), focuses, reason);
        }
        else
        {
            var proposal = Proposed(cache, preferences, start);
            if (asked.Set is not { } number || number < 0 || number >= proposal.Sets.Count)
                throw new FaultyInputException([new Fault("set", proposal.None ?? "is none of those proposed; look at them again.")]);
            block = Block.Of(id, proposal.Sets[number], start, weeks) with { Reason = reason };
        }
        store.ChangeBlocks(stand => [.. stand.Select(b => b.EndedBefore(start)).OfType<Block>(), block]);
        return TypedResults.Ok(BlockView.Of(block, [], cache.Vocabulary));
    }

    // One exchange, from wherever it was seen: a block of its own, or beside those of the block that runs.
    private static Ok<BlockView> Drill(FocusDocument written, LogCache cache, LogStore store, TimeProvider clock)
    {
        var check = new Checker();
        var today = clock.Today();
        var way = DrillReading.Way(written, check, "");
        var reason = check.Text(written.Reason, "", "reason");
        check.ThrowIfFaulty();
        var focus = Own(way, cache);
        if (reason is not null)
            focus = focus with { Why = reason };
        Block? now = null;
        store.ChangeBlocks(stand =>
        {
            var running = stand.FirstOrDefault(b => b.End >= today && b.Verdict is null);
            now = running is null
                ? new Block(NewId(today), today, today.AddDays(7 * UsualWeeks - 1), [focus], null)
                : running.Beside(focus, reason)
                    ?? throw new FaultyInputException([
                        new Fault("", $"the block that runs has {Proposing.Most} already; end it on Plan, then choose this."),
                    ]);
            return [.. stand.Where(b => b.Id != now.Id), now];
        });
        return TypedResults.Ok(BlockView.Of(now!, cache.Diary.Drills.Done, cache.Vocabulary));
    }

    private static string NewId(DateOnly start) =>
        $"b-{start.ToString("yyyyMMdd", CultureInfo.InvariantCulture)}-{Guid.NewGuid().ToString("n", null)[..6]}";

    // What the practitioner chose themselves, with the figure the ranking has for it.
    private static BlockFocus Own(Way way, LogCache cache)
    {
        var spot = cache.Ranking(default, cache.Goal, Against.Usual).Spots.FirstOrDefault(s => s.Way == way.OnBothSides());
        return new BlockFocus(way, spot?.GainPerRoll, spot?.Low, spot?.High, false, spot?.Say ?? "");
    }

    private static Results<Ok<BlockView>, NotFound> Change(string id, BlockChange asked, LogCache cache, LogStore store, TimeProvider clock)
    {
        var check = new Checker();
        var today = clock.Today();
        var rung = check.Term<Rung>(asked.Rung, "rung");
        var verdict = check.Term<Verdict>(asked.Verdict, "verdict");
        var end = check.Day(asked.End, "", "end");
        check.ThrowIfFaulty();
        Block? changed = null;
        store.ChangeBlocks(stand =>
        {
            if (stand.FirstOrDefault(b => b.Id == id) is not { } block)
                return stand;
            var now = block;
            if (rung is { } wanted && asked.Focus is { } focus && focus >= 0 && focus < block.Focuses.Count)
                now = now.WithRung(focus, wanted, today);
            if (end is { } last)
                now =
                    last >= now.Start && !stand.Any(b => b.Id != id && b.Start > now.Start && b.Start <= last)
                        ? now with
                        {
                            End = last,
                        }
                        : throw new FaultyInputException([new Fault("end", "comes before its start, or into the block after it.")]);
            if (verdict is { } decided)
                now = now.Decided(decided, today);
            changed = now;
            return [.. stand.Select(b => b.Id == id ? now : b)];
        });
        return changed is null
            ? TypedResults.NotFound()
            : TypedResults.Ok(BlockView.Of(changed, cache.Diary.Drills.Done, cache.Vocabulary));
    }

    private static Results<Ok<BlockReview>, NotFound> Review(string id, LogCache cache, TimeProvider clock)
    {
        var (log, drills) = cache.Diary;
        if (drills.Blocks.FirstOrDefault(b => b.Id == id) is not { } block)
            return TypedResults.NotFound();
        var goal = cache.Goal;
        var ranking = cache.Ranking(default, goal, Against.Usual);
        return TypedResults.Ok(
            Reviewing.Of(block, drills.Done, drills.Week ?? MyWeek.Usual, log, goal, ranking, clock.Today(), cache.Vocabulary)
        );
    }

    private static Ok<DrilledDocument> KeepDone(DrilledDocument written, LogCache cache, LogStore store)
    {
        var check = new Checker();
        var done = DrillReading.Read(written, check, "");
        check.ThrowIfFaulty();
        if (cache.Diary.Drills.Blocks.All(b => b.Id != done.Block))
            throw new FaultyInputException([new Fault("block", "is none that there is; look at Plan again.")]);
        store.KeepDone(done);
        return TypedResults.Ok(DrillWriting.Document(done));
    }
}
