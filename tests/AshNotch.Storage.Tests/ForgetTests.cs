using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using AshNotch.Core.Partners;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tests;

/// <summary>A partner is forgotten: nowhere in the files is the name left, and no roll is lost.</summary>
public sealed class ForgetTests : IDisposable
{
    private const string Told = "Oakley passed my half guard. Then Oakley's armbar, and oakley laughed with Birch.";
    private static readonly DateTimeOffset Now = new(2026, 3, 2, 20, 0, 0, TimeSpan.Zero);
    private readonly string directory = Directory.CreateTempSubdirectory("ash-notch-forget-").FullName;
    private readonly LogStore store;

    public ForgetTests()
    {
        store = LogStore.Open(directory);
        store.Import(Log(), Now);
        store.SavePartner(Oakley with { Notes = "Oakley has a bad knee" }, Now);
        store.SavePartner(
            new Partner
            {
                Id = "b",
                Name = "Birch",
                Notes = "came with Oakley",
                Owed = [new Owed("what Oakley does from there", new DateOnly(2026, 3, 2), null)],
            },
            Now
        );
        store.SaveOwnName(new OwnName("Oakley roll", "oakley-roll", MoveKind.Pass));
        // A second form of the roll, so that there is an earlier one.
        var roll = store.Read().Roll("r1")!;
        store.SaveRoll(roll.Session, roll.Roll with { Notes = "tired after Oakley" }, Now);
        store.SaveFear(new Fear("f", "Oakley's armbar", "oak-1", new("armbar"), null, null));
        store.KeepDraft("d1", """{"text":"rolled with Oakley again","partner":"oak-1"}""", Now);
    }

    private static Partner Oakley =>
        new()
        {
            Id = "oak-1",
            Name = "Oakley",
            AlsoCalled = ["Big Oak"],
            Traits = ["long legs"],
        };

    private static Log Log() =>
        new()
        {
            Partners = [Oakley, new Partner { Id = "b", Name = "Birch" }],
            Sessions =
            [
                new Session
                {
                    Id = "s",
                    Date = new DateOnly(2026, 3, 2),
                    Notes = "Oakley and Big Oak were both there",
                    Taught = [new Taught("the knee cut as Oakley does it", null, null, "Oakley")],
                    Rolls =
                    [
                        new Roll
                        {
                            Id = "r1",
                            Partner = "oak-1",
                            Retelling = Told,
                            Takeaways = [new Takeaway("Oakley said: frame")],
                            Exchanges =
                            [
                                new Exchange
                                {
                                    Notches =
                                    [
                                        new Notch
                                        {
                                            By = Who.Partner,
                                            Move = new("armbar"),
                                            Outcome = Outcome.Tap,
                                            Span = new Span(
                                                Told.IndexOf("armbar", StringComparison.Ordinal),
                                                Told.IndexOf(", and", StringComparison.Ordinal)
                                            ),
                                            Advice = [new Advice("tuck the elbow", "Oakley")],
                                        },
                                    ],
                                },
                            ],
                        },
                    ],
                },
            ],
        };

    public void Dispose()
    {
        store.Dispose();
        SqliteConnection.ClearAllPools();
        Directory.Delete(directory, recursive: true);
    }

    private bool IsInFiles(string word) =>
        Directory
            .EnumerateFiles(directory, "*", SearchOption.AllDirectories)
            .Where(f => !f.EndsWith(".lock", StringComparison.Ordinal))
            .Any(f =>
            {
                using var stream = new FileStream(f, FileMode.Open, FileAccess.Read, FileShare.ReadWrite | FileShare.Delete);
                using var read = new MemoryStream();
                stream.CopyTo(read);
                return Encoding.Latin1.GetString(read.ToArray()).Contains(word, StringComparison.OrdinalIgnoreCase);
            });

    [Fact]
    public void The_name_is_nowhere_left_and_the_roll_stays_with_its_words_in_place()
    {
        Assert.True(IsInFiles("Oakley"));
        var gone = store.ForgetPartner("oak-1", MatVocabulary.BuiltIn);
        Assert.Equal("Oakley", gone!.Name);
        Assert.False(IsInFiles("Oakley"));
        Assert.False(IsInFiles("Big Oak"));
        Assert.False(IsInFiles("oak-1"));
        Assert.False(IsInFiles("long legs"));
        var log = store.Read();
        var birch = Assert.Single(log.Partners);
        Assert.Equal(("Birch", "came with someone", "what someone does from there"), (birch.Name, birch.Notes, birch.Owed[0].Text));
        Assert.Equal(("someone roll", "someone-roll"), log.OwnNames.Select(n => (n.Name, n.Id)).Single());
        var roll = log.Roll("r1")!.Roll;
        Assert.Null(roll.Partner);
        Assert.Equal("someone passed my half guard. Then someone's armbar, and someone laughed with Birch.", roll.Retelling);
        var span = roll.Notches.Single().Span!.Value;
        Assert.Equal("armbar", roll.Retelling![span.Start..span.End]);
        Assert.Equal(("someone", "tired after someone"), (roll.Notches.Single().Advice[0].From, roll.Notes));
        var fear = Assert.Single(store.Snapshot(null).Diary.Fears);
        Assert.Equal(("someone's armbar", null), (fear.Text, fear.Partner));
        Assert.Contains("someone", store.Drafts().Single().Body, StringComparison.Ordinal);
        var earlier = JsonSerializer.Deserialize(store.RollHistory("r1")[^1].Document, LogJson.Default.RollDocument)!;
        var words = earlier.Exchanges![0].Notches![0].Span!;
        Assert.Equal("armbar", earlier.Retelling![words[0]..words[1]]);
        Assert.Null(earlier.Partner);
        Assert.Null(store.ForgetPartner("oak-1", MatVocabulary.BuiltIn));
    }

    [Fact]
    public void Copies_that_hold_them_are_named_and_written_anew_or_deleted()
    {
        var (first, second) = (store.MakeBackup(Now), store.MakeBackup(Now.AddHours(1)));
        var gone = store.ForgetPartner("oak-1", MatVocabulary.BuiltIn)!;
        var clean = store.MakeBackup(Now.AddHours(2));
        Assert.Equal([second.Name, first.Name], store.CopiesHolding(gone, MatVocabulary.BuiltIn).Select(c => c.Name));
        store.ForgetInCopy(first.Name, gone, MatVocabulary.BuiltIn);
        store.DeleteBackup(second.Name);
        Assert.Empty(store.CopiesHolding(gone, MatVocabulary.BuiltIn));
        Assert.False(IsInFiles("Oakley"));
        Assert.Equal(new[] { clean.Name, first.Name }.Order(), store.Backups().Select(b => b.Name).Order());
        // The copy is whole: it can be put back.
        store.RestoreBackup(first.Name, Now.AddHours(3));
        Assert.NotNull(store.Read().Roll("r1"));
    }

    [Fact]
    public void Somebody_called_like_a_move_goes_only_where_the_name_is_written_as_theirs()
    {
        var swap = NameSwap.Forgetting(new Partner { Id = "x", Name = "Bridge" }, MatVocabulary.BuiltIn.IsTerm);
        Assert.Equal("someone pinned me, I escaped with a bridge.", swap.In("Bridge pinned me, I escaped with a bridge."));
        var ann = NameSwap.Forgetting(new Partner { Id = "x", Name = "Ann" }, MatVocabulary.BuiltIn.IsTerm);
        Assert.Equal("someone planned it, Anna did not", ann.In("ANN planned it, Anna did not"));
        Assert.Equal("nobody", NameSwap.Forgetting(new Partner { Id = "x" }, MatVocabulary.BuiltIn.IsTerm).In("nobody"));
    }

    [Theory]
    [InlineData("brown")]
    [InlineData("Ash")]
    [InlineData("Shin")]
    [InlineData("Knee")]
    [InlineData("hard")]
    [InlineData("Tap")]
    [InlineData("Partner")]
    public void Whoever_is_called_like_a_word_of_the_form_takes_none_of_it_along(string name)
    {
        store.SavePartner(Oakley with { Name = name, AlsoCalled = [], Belt = Belt.Brown }, Now);
        var roll = store.Read().Roll("r1")!;
        Notch[] notches =
        [
            new()
            {
                By = Who.Me,
                Move = new("knee-cut-pass"),
                From = new("half-guard/bottom"),
                To = new("shin-to-shin-guard/bottom"),
                Outcome = Outcome.Tap,
            },
        ];
        var told = roll.Roll with
        {
            Intensity = Intensity.Hard,
            PartnerThen = new(Belt.Brown, null, null, null),
            Exchanges = [new() { End = ExchangeEnd.Tap, Notches = notches }],
        };
        store.SaveRoll(roll.Session, told with { Notes = $"with {name}" }, Now);
        store.SaveRoll(roll.Session, told, Now);
        using var written = new MemoryStream();
        NamesOut.Write(store.Snapshot(null).Diary, MatVocabulary.BuiltIn, written);
        written.Position = 0;
        var nameless = LogReader.Read(written, MatVocabulary.BuiltIn).Diary.Log.Roll("r1")!.Roll;
        Assert.Equal(Kept(told), Kept(nameless));
        store.ForgetPartner("oak-1", MatVocabulary.BuiltIn);
        Assert.Equal(Kept(told), Kept(store.Read().Roll("r1")!.Roll));
        var earlier = JsonSerializer.Deserialize(store.RollHistory("r1")[^1].Document, LogJson.Default.RollDocument)!;
        Assert.Equal("with someone", earlier.Notes);
        Assert.Equal(("hard", "brown"), (earlier.Intensity, earlier.PartnerBelt));
        Assert.Equal(
            ("shin-to-shin-guard/bottom", "tap"),
            (earlier.Exchanges![0].Notches![0].To, earlier.Exchanges[0].Notches![0].Outcome)
        );

        static object Kept(Roll roll) =>
            (roll.Intensity, roll.PartnerThen, string.Join(' ', roll.Notches.Select(n => (n.By, n.Move, n.From, n.To, n.Outcome))));
    }

    [Fact]
    public void A_log_without_names_says_the_same_of_everything_else()
    {
        using var written = new MemoryStream();
        NamesOut.Write(store.Snapshot(null).Diary, MatVocabulary.BuiltIn, written);
        var text = Encoding.UTF8.GetString(written.ToArray());
        Assert.DoesNotContain("Oakley", text, StringComparison.OrdinalIgnoreCase);
        Assert.DoesNotContain("oak-1", text, StringComparison.Ordinal);
        Assert.DoesNotContain("Birch", text, StringComparison.Ordinal);
        written.Position = 0;
        var read = LogReader.Read(written, MatVocabulary.BuiltIn).Diary;
        Assert.Equal(["Partner 1", "Partner 2"], read.Log.Partners.Select(p => p.Name));
        var roll = read.Log.Roll("r1")!.Roll;
        Assert.Equal("partner-1", roll.Partner);
        var span = roll.Notches.Single().Span!.Value;
        Assert.Equal("armbar", roll.Retelling![span.Start..span.End]);
        Assert.Equal("partner-1", Assert.Single(read.Fears).Partner);
        Assert.NotNull(JsonNode.Parse(text));
    }
}
