<?php

declare(strict_types=1);

namespace App\Devices;

/** A logger behind a socket. */
final readonly class SocketLogger implements DemoLogger
{
    public function __construct(private LineClient $line)
    {
    }

    public function since(string $channel, int $after): LoggerSays
    {
        $said = $this->line->ask(['do' => 'since', 'channel' => $channel, 'after' => $after]);
        $samples = [];
        foreach (is_array($said['samples'] ?? null) ? $said['samples'] : [] as $sample) {
            [$at, $air, $core] = is_array($sample) ? array_values($sample) + [null, null, null] : [null, null, null];
            if (is_int($at)) {
                $samples[] = [
                    $at,
                    is_int($air) || is_float($air) ? (float) $air : null,
                    is_int($core) || is_float($core) ? (float) $core : null,
                ];
            }
        }

        return new LoggerSays($samples, is_int($said['battery'] ?? null) ? $said['battery'] : null);
    }

    public function channels(): array
    {
        $said = $this->line->ask(['do' => 'channels'])['channels'] ?? null;

        return array_values(array_filter(is_array($said) ? $said : [], is_string(...)));
    }

    public function load(string $channel, ?int $at): void
    {
        $this->line->ask(['do' => 'load', 'channel' => $channel, ...$at === null ? [] : ['at' => $at]]);
    }

    public function door(string $channel, int $minutes): void
    {
        $this->line->ask(['do' => 'door', 'channel' => $channel, 'minutes' => $minutes]);
    }
}
