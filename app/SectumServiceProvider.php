<?php

declare(strict_types=1);

namespace App;

use App\Devices\DemoPan;
use App\Devices\Scale;
use App\Devices\SocketScale;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\ServiceProvider;
use Psr\Clock\ClockInterface;

final class SectumServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(ClockInterface::class, SystemClock::class);
        $this->app->singleton(SocketScale::class, fn (): SocketScale => new SocketScale(
            self::setting('sectum.scale.host', '127.0.0.1'),
            (int) self::setting('sectum.scale.port', '8417'),
        ));
        $this->app->bind(Scale::class, SocketScale::class);
        $this->app->bind(DemoPan::class, SocketScale::class);
    }

    public function boot(): void
    {
        Model::preventLazyLoading($this->app->environment() !== 'production');
    }

    private static function setting(string $key, string $otherwise): string
    {
        $value = config($key);

        return is_scalar($value) ? (string) $value : $otherwise;
    }
}
