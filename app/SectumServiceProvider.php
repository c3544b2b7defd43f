<?php

declare(strict_types=1);

namespace App;

use App\BreakDown\KeepYields;
use App\Devices\DemoPan;
use App\Devices\DemoProbe;
use App\Devices\KeepingPrinter;
use App\Devices\LabelPrinter;
use App\Devices\LineClient;
use App\Devices\Probe;
use App\Devices\Scale;
use App\Devices\SocketProbe;
use App\Devices\SocketScale;
use App\Kitchen\Database\ImmediateConnector;
use App\Kitchen\Database\KitchenConnection;
use App\Receive\WeightsChanged;
use App\Route\Deposits;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\ServiceProvider;
use Psr\Clock\ClockInterface;

final class SectumServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind('db.connector.sqlite', ImmediateConnector::class);
        Connection::resolverFor('sqlite', fn (...$about): KitchenConnection => new KitchenConnection(...$about));
        $this->app->singleton(ClockInterface::class, SystemClock::class);
        $this->app->singleton(SocketScale::class, fn (): SocketScale => new SocketScale(self::line('scale')));
        $this->app->singleton(SocketProbe::class, fn (): SocketProbe => new SocketProbe(self::line('probe')));
        $this->app->bind(Scale::class, SocketScale::class);
        $this->app->bind(DemoPan::class, SocketScale::class);
        $this->app->bind(Probe::class, SocketProbe::class);
        $this->app->bind(DemoProbe::class, SocketProbe::class);
        $this->app->bind(LabelPrinter::class, KeepingPrinter::class);
    }

    public function boot(): void
    {
        Event::listen(fn (WeightsChanged $changed) => KeepYields::of($changed->fish));
        Event::listen(fn (WeightsChanged $changed) => $this->app->make(Deposits::class)->mend($changed->fish));
        Model::preventLazyLoading($this->app->environment() !== 'production');
    }

    private static function line(string $device): LineClient
    {
        return new LineClient(config()->string("sectum.{$device}.host"), config()->integer("sectum.{$device}.port"));
    }
}
