using System.Net;
using System.Text.Json;
using System.Text.Json.Serialization;
using AshNotch.App.Endpoints;
using AshNotch.Core.Reading;
using AshNotch.Storage;
using Microsoft.Extensions.FileProviders;

namespace AshNotch.App;

/// <summary>Builds the web application.</summary>
public static class WebHost
{
    /// <summary>Most bytes of a request; a retelling is a few kilobytes.</summary>
    public const long LargestRequest = 2 * 1024 * 1024;

    /// <summary>Builds it over an open store, listening on 127.0.0.1 only.</summary>
    public static WebApplication Build(ServeOptions options, LogStore store)
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
        builder.Services.AddSingleton(options).AddSingleton(store).AddSingleton<LogCache>().AddSingleton(TimeProvider.System);
        builder.Services.AddHostFiltering(o => o.AllowedHosts = ["127.0.0.1", "localhost"]);
        builder.Services.AddProblemDetails();
        builder.Services.AddExceptionHandler<Problems>();
        builder.Services.Configure<RouteHandlerOptions>(o => o.ThrowOnBadRequest = true);
        builder.Services.ConfigureHttpJsonOptions(o =>
        {
            o.SerializerOptions.NumberHandling = JsonNumberHandling.Strict;
            o.SerializerOptions.DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull;
            o.SerializerOptions.Converters.Add(new JsonStringEnumConverter(JsonNamingPolicy.KebabCaseLower));
        });
        builder.Services.AddOpenApi(
            "v1",
            o =>
                o.AddDocumentTransformer(
                    (document, _, _) =>
                    {
                        document.Info.Title = "Ash Notch";
                        document.Servers?.Clear();
                        return Task.CompletedTask;
                    }
                )
        );

        var app = builder.Build();
        app.UseHostFiltering();
        app.UseExceptionHandler();
        app.UseStatusCodePages();
        app.Use(Guard.Run);
        var pages = Path.Combine(AppContext.BaseDirectory, "wwwroot");
        if (Directory.Exists(pages))
        {
            var files = new PhysicalFileProvider(pages);
            app.UseDefaultFiles(new DefaultFilesOptions { FileProvider = files });
            app.UseStaticFiles(new StaticFileOptions { FileProvider = files });
        }
        app.MapVocabulary()
            .MapReading()
            .MapBoard()
            .MapNames()
            .MapCaptions()
            .MapTellings()
            .MapRolls()
            .MapHistory()
            .MapPartners()
            .MapPractitioner()
            .MapWeakSpots()
            .MapFocus()
            .MapDrafts()
            .MapToday()
            .MapKeeping();
        // The first letters somebody writes should not wait for the names to be learned.
        app.Lifetime.ApplicationStarted.Register(() => Task.Run(() => RetellingReader.Read("I pulled guard and he passed.")));
        return app;
    }
}
