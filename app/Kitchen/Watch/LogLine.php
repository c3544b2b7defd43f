<?php

declare(strict_types=1);

namespace App\Kitchen\Watch;

use Monolog\Formatter\JsonFormatter;
use Monolog\LogRecord;
use Throwable;

/**
 * A line of JSON a record, without names and PINs: of a failure where it was and of what kind, and not what the
 * database or the request held.
 */
final class LogLine extends JsonFormatter
{
    /** What is shown of a message that is no failure of ours. */
    private const LONGEST = 200;

    public function format(LogRecord $record): string
    {
        $failure = $record->context['exception'] ?? null;
        $line = [
            'at' => $record->datetime->format('Y-m-d\TH:i:s.vP'),
            'level' => strtolower($record->level->getName()),
            'message' => $failure instanceof Throwable
                ? $failure::class
                : mb_substr($record->message, 0, self::LONGEST),
        ];
        if ($failure instanceof Throwable) {
            $line['where'] = self::where($failure);
            $line['cause'] = $failure->getPrevious() === null ? null : $failure->getPrevious()::class;
            $line['code'] = $failure->getCode();
            $line['asked'] = app()->runningInConsole() ? null : self::asked();
        }

        return json_encode(
            array_filter($line, fn (mixed $value): bool => $value !== null),
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE,
        )."\n";
    }

    /** What was asked, with ids left out. */
    private static function asked(): string
    {
        $path = preg_replace('/[0-9A-HJKMNP-TV-Za-hjkmnp-tv-z]{26}/', ':id', request()->path());

        return request()->method().' '.$path;
    }

    /** The first place of our own code it came from. */
    private static function where(Throwable $failure): string
    {
        foreach ([['file' => $failure->getFile(), 'line' => $failure->getLine()], ...$failure->getTrace()] as $at) {
            $file = $at['file'] ?? '';
            if ($file !== '' && ! str_contains($file, '/vendor/')) {
                return str_replace(base_path().'/', '', $file).':'.($at['line'] ?? 0);
            }
        }

        return basename($failure->getFile()).':'.$failure->getLine();
    }
}
