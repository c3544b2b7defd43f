<?php

declare(strict_types=1);

namespace App\Kitchen\Watch;

use App\Fish\Fish;
use App\Fish\Reading;
use App\Fish\Stage;
use App\Kitchen\Backups\Backup;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Queue;

/**
 * How the kitchen's computer does, in the text format monitors read (Prometheus exposition format 0.0.4). Figures only:
 * no name, no weight, no price.
 *
 * Asked from the computer itself, or with the token of its settings.
 */
final readonly class Status
{
    public function __invoke(Request $request): Response
    {
        if (! self::mayAsk($request)) {
            return new Response("Ask with the token.\n", 403, ['Content-Type' => 'text/plain; charset=utf-8']);
        }
        $lines = [];
        foreach ($this->gauges() as [$name, $help, $values]) {
            $lines[] = "# HELP {$name} {$help}";
            $lines[] = "# TYPE {$name} gauge";
            foreach ($values as $label => $value) {
                $lines[] = $name.($label === '' ? '' : "{{$label}}")." {$value}";
            }
        }

        return new Response(implode("\n", $lines)."\n", 200, [
            'Content-Type' => 'text/plain; version=0.0.4; charset=utf-8',
        ]);
    }

    private static function mayAsk(Request $request): bool
    {
        $token = config('sectum.status_token');

        return is_string($token) && $token !== ''
            ? hash_equals($token, (string) $request->bearerToken())
            : in_array($request->ip(), ['127.0.0.1', '::1'], true);
    }

    /** @return list<array{string, string, array<string, int|float>}> name, what it is, values by label */
    private function gauges(): array
    {
        $stages = Fish::query()->selectRaw('stage, count(*) as n')->groupBy('stage')->pluck('n', 'stage');
        $counted = [];
        foreach (Stage::cases() as $stage) {
            $n = $stages[$stage->value] ?? 0;
            $counted["stage=\"{$stage->value}\""] = is_numeric($n) ? (int) $n : 0;
        }
        $backup = Backup::query()->orderByDesc('id')->first();
        $database = config()->string('database.connections.sqlite.database');
        $free = disk_free_space(dirname($database));

        return [
            ['sectum_up', 'The kitchen answers and its database can be read.', ['' => 1]],
            ['sectum_fish', 'Fish by the stage they wait at.', $counted],
            ['sectum_readings', 'Readings ever taken.', ['' => Reading::query()->count()]],
            ['sectum_people', 'People who may sign in.', ['' => Person::query()->whereNull('disabled_at')->count()]],
            ['sectum_jobs_waiting', 'Long computations that wait.', ['' => Queue::size()]],
            [
                'sectum_backup_age_seconds',
                'Since the last backup that was found whole; absent before the first.',
                $backup === null
                    ? []
                    : ['' => max(0, Carbon::now()->getTimestamp() - Moment::at($backup->made_at)->getTimestamp())],
            ],
            [
                'sectum_database_bytes',
                'The database and what waits to be written into it.',
                ['' => self::size($database) + self::size("{$database}-wal")],
            ],
            ['sectum_disk_free_bytes', 'Room left where it lies.', $free === false ? [] : ['' => $free]],
        ];
    }

    private static function size(string $file): int
    {
        return is_file($file) ? (int) filesize($file) : 0;
    }
}
