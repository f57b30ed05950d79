using System.Net;
using System.Text.Json;
using System.Text.Json.Serialization;
using AshNotch.App.Endpoints;
using AshNotch.Core.Reading;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;
using AshNotch.Storage;

namespace AshNotch.App;

/// <summary>Builds the web application.</summary>
public static class WebHost
{
    /// <summary>Builds it over an open store, listening on 127.0.0.1 only.</summary>
    public static WebApplication Build(ServeOptions options, LogStore store, MatVocabulary vocabulary)
    {
        var builder = WebApplication.CreateSlimBuilder(new WebApplicationOptions { ContentRootPath = AppContext.BaseDirectory });
        // What stands in the environment cannot make it listen elsewhere, or anything else: it is told by its verbs alone.
        ((IConfigurationBuilder)builder.Configuration).Sources.Clear();
        builder.Logging.ClearProviders().AddSimpleConsole(c => c.SingleLine = true).SetMinimumLevel(LogLevel.Warning);
        builder.WebHost.ConfigureKestrel(kestrel =>
        {
            kestrel.Listen(IPAddress.Loopback, options.Port);
            // Ours is asked first, and answers in words.
            kestrel.Limits.MaxRequestBodySize = Bounds.MostRead;
            kestrel.AddServerHeader = false;
        });
        builder
            .Services.AddSingleton(options)
            .AddSingleton(store)
            .AddSingleton(vocabulary)
            .AddSingleton<Preferences>()
            .AddSingleton<LogCache>()
            .AddSingleton<ImportDesk>()
            .AddHostedService<Upkeep>()
            .AddSingleton(TimeProvider.System);
        builder.Services.AddProblemDetails();
        builder.Services.AddExceptionHandler<Problems>();
        builder.Services.Configure<RouteHandlerOptions>(o => o.ThrowOnBadRequest = true);
        builder.Services.ConfigureHttpJsonOptions(o =>
        {
            o.SerializerOptions.RespectNullableAnnotations = true;
            o.SerializerOptions.NumberHandling = JsonNumberHandling.Strict;
            o.SerializerOptions.DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull;
            o.SerializerOptions.Converters.Add(new JsonStringEnumConverter(JsonNamingPolicy.KebabCaseLower, allowIntegerValues: false));
            o.SerializerOptions.Converters.Add(new PlaceIdConverter());
            o.SerializerOptions.Converters.Add(new MoveIdConverter());
        });
        builder.Services.AddOpenApi(
            "v1",
            o =>
            {
                o.AddDocumentTransformer(ApiDescription.Head);
                o.AddSchemaTransformer(ApiDescription.Terms);
            }
        );
        builder.Services.AddResponseCompression(o => o.EnableForHttps = false);

        var app = builder.Build();
        app.Use(Guard.Headers);
        app.UseResponseCompression();
        app.UseExceptionHandler();
        app.UseStatusCodePages();
        app.Use(Guard.KeepOut);
        app.Use(Addresses.KeepTogether);
        app.UseRouting();
        app.Use(Addresses.GiveBack);
        app.Use(Bounds.Keep);
        app.Use(HiddenNames.Keep);
        app.UsePages();
        app.MapVocabulary().MapReading().MapBoard().MapNames().MapCaptions().MapTellings().MapRolls().MapHistory();
        app.MapPartners()
            .MapMeetings()
            .MapForgetting()
            .MapFears()
            .MapPractitioner()
            .MapWeakSpots()
            .MapWeeks()
            .MapGrain()
            .MapFinishes()
            .MapPractice()
            .MapLessons()
            .MapScore()
            .MapRulesets()
            .MapMatches()
            .MapLiveMatch()
            .MapShadow()
            .MapAllowed()
            .MapMoves()
            .MapRevising()
            .MapPlan()
            .MapToday()
            .MapDrafts()
            .MapSettings()
            .MapExport()
            .MapImport()
            .MapBackups()
            .MapDemo();
        // The first letters somebody writes should not wait for the names to be learned.
        app.Lifetime.ApplicationStarted.Register(() =>
            Task.Run(() => RollReader.Read(Examples.Roll, app.Services.GetRequiredService<LogCache>().Book))
        );
        return app;
    }
}
