<?php

declare(strict_types=1);

use App\Compute\ComputeCommand;
use App\Contract\PlainQuery;
use App\Contract\ProblemDocument;
use App\Contract\Takes;
use App\Devices\LoggerCommand;
use App\Devices\ProbeCommand;
use App\Devices\ScaleCommand;
use App\Hold\LoggerReadCommand;
use App\Kitchen\Backups\BackupCommand;
use App\Kitchen\Backups\RestoreCommand;
use App\Kitchen\BoundedBody;
use App\Kitchen\FoldIds;
use App\Kitchen\Language\InTheirLanguage;
use App\Kitchen\Language\Language;
use App\Kitchen\OpenKitchen;
use App\Kitchen\PageHeaders;
use App\Kitchen\PinCommand;
use App\Kitchen\Settings;
use App\Kitchen\ShownToken;
use App\Kitchen\TrustCommand;
use App\Log\Ledger\EnterCommand;
use App\Log\Week\WeekCommand;
use Illuminate\Console\Scheduling\Schedule;
use Illuminate\Contracts\Auth\Middleware\AuthenticatesRequests;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Foundation\Http\Middleware\TrimStrings;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\View\Middleware\ShareErrorsFromSession;
use Symfony\Component\HttpFoundation\Response;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(using: fn () => require base_path('app/routes.php'))
    ->withCommands([
        BackupCommand::class,
        ComputeCommand::class,
        EnterCommand::class,
        LoggerCommand::class,
        LoggerReadCommand::class,
        PinCommand::class,
        ProbeCommand::class,
        RestoreCommand::class,
        ScaleCommand::class,
        TrustCommand::class,
        WeekCommand::class,
    ])
    ->withSchedule(function (Schedule $schedule): void {
        $schedule->command('sectum:read-logger')
            ->everyMinute()
            ->when(fn (): bool => config('sectum.demo') === true || Settings::load()->loggerAt !== '');
        // In the hour after the kitchen's day has ended.
        $schedule->command('sectum:backup')
            ->hourlyAt(40)
            ->when(fn (): bool => (int) Settings::load()->now()->format('G') === Settings::load()->time->dayEnds);
        // When Sunday's kitchen day is over; a computer that was off prints it when it is on again.
        $schedule->command('sectum:week')->hourlyAt(20);
    })
    ->withMiddleware(function (Middleware $middleware): void {
        // The page and the API share an origin; a body is judged as it came.
        $middleware->remove([HandleCors::class, TrimStrings::class, ConvertEmptyStringsToNull::class]);
        $middleware->prepend(BoundedBody::class);
        $middleware->append(PageHeaders::class);
        // Nothing of the framework's own is bound by a route or shown by a form here.
        $middleware->web(
            remove: [ShareErrorsFromSession::class, SubstituteBindings::class],
            replace: [ValidateCsrfToken::class => ShownToken::class],
        );
        // The page reads it before anything is asked.
        $middleware->encryptCookies(except: [Language::COOKIE]);
        $middleware->web(append: [InTheirLanguage::class, PlainQuery::class, FoldIds::class, OpenKitchen::class]);
        $middleware->alias(['takes' => Takes::class]);
        $middleware->prependToPriorityList(before: AuthenticatesRequests::class, prepend: OpenKitchen::class);
        $middleware->redirectGuestsTo(fn () => null);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->render(
            fn (Throwable $e, Request $request): ?Response => $request->is('api/*')
                ? ProblemDocument::of($e)->response()
                : null,
        );
        $exceptions->dontReport(App\Contract\Fault::class);
        $exceptions->dontReport(Sectum\Refused::class);
    })
    ->create();
