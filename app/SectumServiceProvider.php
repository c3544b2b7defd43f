<?php

declare(strict_types=1);

namespace App;

use App\BreakDown\Yields\KeepYields;
use App\Catalogue\Species;
use App\Compute\Computation;
use App\Compute\Registry;
use App\Cost\FishPortionCosts;
use App\Devices\DemoLogger;
use App\Devices\DemoPan;
use App\Devices\DemoProbe;
use App\Devices\KeepingPrinter;
use App\Devices\LabelPrinter;
use App\Devices\LineClient;
use App\Devices\Logger;
use App\Devices\Probe;
use App\Devices\Scale;
use App\Devices\SocketLogger;
use App\Devices\SocketProbe;
use App\Devices\SocketScale;
use App\Fish\ColdClock;
use App\Fish\CostOfPortions;
use App\Fish\Delivery;
use App\Fish\ExpectedPortions;
use App\Fish\Fish;
use App\Fish\KeptPortions;
use App\Fish\MadeFrom;
use App\Fish\MovedOn;
use App\Fish\OrderedFish;
use App\Fish\PlannedPortions;
use App\Fish\PortionsTrayed;
use App\Fish\RawEvidence;
use App\Fish\SaidOfFish;
use App\Fish\SkillGate;
use App\Fish\ThrownAway;
use App\Fish\WeightsChanged;
use App\Hold\Exposure\Clocks;
use App\Hold\Freezing\JudgeRun;
use App\Hold\Freezing\RunRecords;
use App\Hold\Kept\KeepPortions;
use App\Hold\Kept\KeptBesides;
use App\Hold\Places\TemperaturesKept;
use App\Kitchen\Database\ImmediateConnector;
use App\Kitchen\Database\KitchenConnection;
use App\Kitchen\Database\Remembered;
use App\Kitchen\Database\SmallTables;
use App\Kitchen\People;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Kitchen\Tablets\Board;
use App\Log\Ledger\StaleFish;
use App\Plan\Order\OrderedHere;
use App\Plan\Service\PlannedHere;
use App\Portion\Dish\UsualPortions;
use App\Practise\Person\Gates;
use App\Route\Bins\Deposits;
use App\Route\Bins\ThrownOut;
use App\Route\Recipes\MadeFromRecipes;
use Closure;
use Illuminate\Auth\AuthManager;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\Relation;
use Illuminate\Foundation\Http\Events\RequestHandled;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\ServiceProvider;
use PDO;
use Psr\Clock\ClockInterface;

final class SectumServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind('db.connector.sqlite', ImmediateConnector::class);
        Connection::resolverFor('sqlite', function (
            PDO|Closure $pdo,
            string $database,
            string $prefix,
            array $config,
        ): KitchenConnection {
            return new KitchenConnection($pdo, $database, $prefix, $config);
        });
        $this->app->scoped(Remembered::class);
        $this->app->singleton(SmallTables::class, fn (): SmallTables => new SmallTables(
            ImmediateConnector::answersRequests()
                ? storage_path('framework/cache/tables/'.hash('xxh128', base_path().DB::getDatabaseName()))
                : null,
        ));
        $this->app->scoped(Settings::class, fn (): Settings => Settings::read());
        $this->app->singleton(ClockInterface::class, SystemClock::class);
        // The scale of the board at which the tablet stands that asks.
        $this->app->bind(SocketScale::class, fn (): SocketScale => new SocketScale(
            self::line(Board::of(request()) === Board::A ? 'scale' : 'scale_b'),
        ));
        $this->app->singleton(SocketProbe::class, fn (): SocketProbe => new SocketProbe(self::line('probe')));
        $this->app->singleton(SocketLogger::class, fn (): SocketLogger => new SocketLogger(self::line('logger')));
        $this->app->bind(Scale::class, SocketScale::class);
        $this->app->bind(DemoPan::class, SocketScale::class);
        $this->app->bind(Probe::class, SocketProbe::class);
        $this->app->bind(DemoProbe::class, SocketProbe::class);
        $this->app->bind(Logger::class, SocketLogger::class);
        $this->app->bind(DemoLogger::class, SocketLogger::class);
        // Looked for when something is computed: most requests compute nothing of this.
        $this->app
            ->when(Registry::class)
            ->needs(Computation::class)
            ->give(fn (): array => array_map($this->app->make(...), Registry::classes()));
        $this->callAfterResolving('auth', fn (AuthManager $auth) => $auth->provider(
            'people',
            fn (): People => new People($this->app->make(Request::class)),
        ));
        $this->app->bind(ExpectedPortions::class, UsualPortions::class);
        $this->app->bind(CostOfPortions::class, FishPortionCosts::class);
        $this->app->bind(ThrownAway::class, ThrownOut::class);
        $this->app->bind(MadeFrom::class, MadeFromRecipes::class);
        $this->app->bind(ColdClock::class, Clocks::class);
        $this->app->bind(KeptPortions::class, KeptBesides::class);
        $this->app->bind(PlannedPortions::class, PlannedHere::class);
        $this->app->bind(OrderedFish::class, OrderedHere::class);
        $this->app->bind(RawEvidence::class, RunRecords::class);
        $this->app->bind(SkillGate::class, Gates::class);
        $this->app->bind(LabelPrinter::class, KeepingPrinter::class);
    }

    public function boot(): void
    {
        // What is written beside a record names it by what it is, not by where its code lies.
        Relation::enforceMorphMap([
            'person' => Person::class,
            'fish' => Fish::class,
            'delivery' => Delivery::class,
            'species' => Species::class,
        ]);
        Event::listen(fn (RequestHandled $answered) => Remembered::forget());
        Event::listen(fn (PortionsTrayed $trayed) => $this->app->make(KeepPortions::class)->trayed($trayed));
        Event::listen(fn (TemperaturesKept $kept) => $this->app->make(JudgeRun::class)->after($kept));
        Event::listen(fn (MovedOn $moved) => $this->app->make(Clocks::class)->putAway($moved));
        Event::listen(fn (WeightsChanged $changed) => KeepYields::of($changed->fish));
        Event::listen(fn (WeightsChanged $changed) => $this->app->make(Deposits::class)->mend($changed->fish));
        Event::listen(fn (SaidOfFish $said) => StaleFish::mark($said->fish));
        // Nothing that was weighed is undone by a command; a step that goes wrong is mended by the next one.
        DB::prohibitDestructiveCommands($this->app->environment() !== 'testing');
        Model::preventLazyLoading($this->app->environment() !== 'production');
    }

    /**
     * The demo's stand-in, or what stands at the address of the house's settings.
     *
     * @param  'scale'|'scale_b'|'probe'|'logger'  $device
     */
    private static function line(string $device): LineClient
    {
        if (config('sectum.demo') === true) {
            return new LineClient(
                config()->string("sectum.{$device}.host"),
                config()->integer("sectum.{$device}.port"),
            );
        }
        $at = match ($device) {
            'scale' => Settings::load()->scaleAt,
            'scale_b' => Settings::load()->scaleBAt,
            'probe' => Settings::load()->probeAt,
            'logger' => Settings::load()->loggerAt,
        };

        return $at === ''
            ? LineClient::none()
            : new LineClient((string) preg_replace('/:.*$/', '', $at), (int) preg_replace('/^.*:/', '', $at));
    }
}
