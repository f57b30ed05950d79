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
    /// <summary>Most bytes of a request; a retelling is a few kilobytes.</summary>
    public const long LargestRequest = 2 * 1024 * 1024;

    /// <summary>Builds it over an open store, listening on 127.0.0.1 only.</summary>
    public static WebApplication Build(ServeOptions options, LogStore store, MatVocabulary vocabulary)
    {
        var builder = WebApplication.CreateSlimBuilder(new WebApplicationOptions { ContentRootPath = AppContext.BaseDirectory });
        builder.Logging.ClearProviders().AddSimpleConsole(c => c.SingleLine = true).SetMinimumLevel(LogLevel.Warning);
        builder.Configuration["AllowedHosts"] = "127.0.0.1;localhost";
        builder.WebHost.ConfigureKestrel(kestrel =>
        {
            kestrel.Listen(IPAddress.Loopback, options.Port);
            kestrel.Limits.MaxRequestBodySize = LargestRequest;
            kestrel.AddServerHeader = false;
        });
        builder
            .Services.AddSingleton(options)
            .AddSingleton(store)
            .AddSingleton(vocabulary)
            .AddSingleton<LogCache>()
            .AddSingleton<ImportDesk>()
            .AddHostedService<Upkeep>()
            .AddSingleton(TimeProvider.System);
        builder.Services.AddHostFiltering(o => o.AllowedHosts = ["127.0.0.1", "localhost"]);
        builder.Services.AddProblemDetails();
        builder.Services.AddExceptionHandler<Problems>();
        builder.Services.Configure<RouteHandlerOptions>(o => o.ThrowOnBadRequest = true);
        builder.Services.ConfigureHttpJsonOptions(o =>
        {
            o.SerializerOptions.NumberHandling = JsonNumberHandling.Strict;
            o.SerializerOptions.DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull;
            o.SerializerOptions.Converters.Add(new JsonStringEnumConverter(JsonNamingPolicy.KebabCaseLower));
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
        app.UseResponseCompression();
        app.UseHostFiltering();
        app.UseExceptionHandler();
        app.UseStatusCodePages();
        app.Use(Guard.Run);
        app.UsePages();
        app.MapVocabulary().MapReading().MapBoard().MapNames().MapCaptions().MapTellings().MapRolls().MapHistory();
        app.MapPartners()
            .MapPractitioner()
            .MapWeakSpots()
            .MapWeeks()
            .MapGrain()
            .MapFocus()
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
