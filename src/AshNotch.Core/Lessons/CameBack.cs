using AshNotch.Core.Reading.Words;

namespace AshNotch.Core.Lessons;

/// <summary>Sees which lessons are one that came back: they share most of their words, or half of them and what they are about.</summary>
internal static class CameBack
{
    private const double SameWords = 0.6;
    private const double SameMatter = 0.34;

    /// <summary>The lines, those of one lesson together.</summary>
    public static IEnumerable<IReadOnlyList<LessonLine>> Together(IEnumerable<LessonLine> lines)
    {
        var groups = new List<Group>();
        var byStem = new Dictionary<string, List<int>>();
        // How many words each group has in common with the line, and which groups have any.
        var (common, having) = (new List<int>(), new List<int>());
        foreach (var line in lines)
        {
            var stems = Stems(line.Words);
            foreach (var stem in stems)
            foreach (var g in byStem.GetValueOrDefault(stem) ?? [])
                if (common[g]++ == 0)
                    having.Add(g);
            var (best, most) = ((int?)null, 0.0);
            foreach (var g in having)
            {
                var alike = (double)common[g] / (stems.Count + groups[g].Stems.Count - common[g]);
                common[g] = 0;
                if (alike < SameMatter || alike < most || (alike == most && g > best) || !IsOfOne(groups[g].First.Kind, line.Kind))
                    continue;
                if (alike >= SameWords || groups[g].First.About.Meets(line.About))
                    (best, most) = (g, alike);
            }
            having.Clear();
            if (best is { } known)
            {
                groups[known].Lines.Add(line);
                continue;
            }
            foreach (var stem in stems)
                (byStem.TryGetValue(stem, out var there) ? there : byStem[stem] = []).Add(groups.Count);
            groups.Add(new Group(line, stems, [line]));
            common.Add(0);
        }
        return groups.Select(g => g.Lines);
    }

    // The same mistake again is the takeaway that it was the first time.
    private static bool IsOfOne(LessonKind one, LessonKind other) => Whose(one) == Whose(other);

    private static LessonKind Whose(LessonKind kind) => kind == LessonKind.Again ? LessonKind.Takeaway : kind;

    private static HashSet<string> Stems(IReadOnlyList<Word> words)
    {
        var telling = words.Where(w => w.Text.Length > 2 && !LessonPhrases.IsLittle(w)).Select(w => w.Stem).ToHashSet();
        return telling.Count > 0 ? telling : [.. words.Select(w => w.Stem)];
    }

    private sealed record Group(LessonLine First, HashSet<string> Stems, List<LessonLine> Lines);
}
