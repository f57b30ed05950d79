using System.Text.RegularExpressions;
using ArchUnitNET.Domain;
using ArchUnitNET.Fluent.Slices;
using ArchUnitNET.Loader;
using AshNotch.App.Verbs;
using AshNotch.Core.Rolls;
using AshNotch.Formats;
using AshNotch.Storage;
using static System.StringComparison;

namespace AshNotch.App.Tests;

/// <summary>The house is one-way: the graphs drawn in docs/architecture.md are what the compiled code does, no more and no less.</summary>
public partial class ArchitectureTests
{
    private static readonly System.Reflection.Assembly Core = typeof(Log).Assembly;

    private static readonly Architecture House = new ArchLoader()
        .LoadAssemblies(Core, typeof(Fault).Assembly, typeof(LogStore).Assembly, typeof(CommandLine).Assembly)
        .Build();

    private static readonly Dictionary<string, SortedSet<string>> Drawn = ReadGraph();

    [Fact]
    public void Folders_of_Core_lean_on_each_other_as_drawn()
    {
        var folders = Leanings("AshNotch.Core.", "[A-Z][a-z]+");
        Assert.Equal(Drawn.Keys.Where(k => !k.Contains('.')).Order(), folders.Keys.Order());
        Assert.All(folders, f => Assert.Equal(Drawn[f.Key], f.Value));
    }

    [Fact]
    public void No_folder_of_Core_leans_back() =>
        Assert.Equal(
            "",
            string.Join(
                '\n',
                SliceRuleDefinition
                    .Slices()
                    .Matching("AshNotch.Core.(*)")
                    .Should()
                    .BeFreeOfCycles()
                    .Evaluate(House)
                    .Where(r => !r.Passed)
                    .Select(r => r.Description)
            )
        );

    [Fact]
    public void The_rooms_of_the_reader_do_not_lean_back() =>
        Assert.True(SliceRuleDefinition.Slices().Matching("AshNotch.Core.Reading.(*)").Should().BeFreeOfCycles().HasNoViolations(House));

    [Fact]
    public void A_folder_leans_only_on_those_drawn_above_it()
    {
        var order = Drawn.Keys.Where(k => !k.Contains('.')).ToList();
        foreach (var folder in order)
            Assert.All(Drawn[folder], other => Assert.True(order.IndexOf(other) < order.IndexOf(folder), $"{folder} leans on {other}"));
    }

    [Fact]
    public void Projects_lean_on_each_other_as_drawn()
    {
        var projects = Leanings("", @"AshNotch\.[A-Z][a-z]+");
        Assert.Equal(Drawn.Keys.Where(k => k.Contains('.')).Order(), projects.Keys.Order());
        Assert.All(projects, p => Assert.Equal(Drawn[p.Key], p.Value));
    }

    [Fact]
    public void Core_knows_no_files_no_database_and_no_web()
    {
        var outside = Core.GetReferencedAssemblies().Select(a => a.Name!).ToList();
        Assert.DoesNotContain(outside, name => name.StartsWith("Microsoft.", Ordinal));
        Assert.DoesNotContain(outside, name => name.StartsWith("System.Net", Ordinal));
        var used = House.Types.Where(t => t.FullName.StartsWith("AshNotch.Core.", Ordinal)).SelectMany(t => t.Dependencies);
        Assert.DoesNotContain(
            used,
            d =>
                d.Target.FullName is "System.IO.File" or "System.IO.Directory" or "System.TimeProvider"
                || d.Target.FullName == "System.Console"
        );
    }

    [Fact]
    public void The_vocabulary_that_ships_is_named_only_where_the_program_starts()
    {
        var named = Directory
            .EnumerateFiles(Path.Combine(Root(), "src"), "*.cs", SearchOption.AllDirectories)
            .Where(file => File.ReadAllText(file).Contains("MatVocabulary.BuiltIn", Ordinal))
            .Select(Path.GetFileName);
        Assert.Equal(["Program.cs"], named);
    }

    // Who leans on whom among the parts that a pattern names behind a prefix.
    private static Dictionary<string, SortedSet<string>> Leanings(string prefix, string part)
    {
        var pattern = new Regex($@"^{Regex.Escape(prefix)}({part})\b");
        string? PartOf(IType type) =>
            pattern.Match(type.Namespace?.FullName ?? "") is { Success: true } match ? match.Groups[1].Value : null;

        var leanings = new Dictionary<string, SortedSet<string>>();
        foreach (var type in House.Types)
        {
            if (PartOf(type) is not { } here)
                continue;
            if (!leanings.TryGetValue(here, out var on))
                leanings[here] = on = new SortedSet<string>(StringComparer.Ordinal);
            foreach (var dependency in type.Dependencies)
            {
                if (PartOf(dependency.Target) is { } there && there != here)
                    on.Add(there);
            }
        }
        return leanings;
    }

    private static string Root()
    {
        var directory = new DirectoryInfo(AppContext.BaseDirectory);
        while (!File.Exists(Path.Combine(directory!.FullName, "global.json")))
            directory = directory.Parent;
        return directory.FullName;
    }

    // The graphs stand in the document as lines such as "Chain -> Rolls, Scoring, Vocabulary".
    private static Dictionary<string, SortedSet<string>> ReadGraph() =>
        File.ReadLines(Path.Combine(AppContext.BaseDirectory, "architecture.md"))
            .Select(line => Leaning().Match(line))
            .Where(match => match.Success)
            .ToDictionary(
                match => match.Groups["from"].Value,
                match => new SortedSet<string>(
                    match.Groups["on"].Value.Split(", ").Where(on => on is not ("" or "nothing")),
                    StringComparer.Ordinal
                )
            );

    [GeneratedRegex(@"^(?<from>(AshNotch\.)?[A-Z][a-z]+) +-> (?<on>.*)$")]
    private static partial Regex Leaning();
}
