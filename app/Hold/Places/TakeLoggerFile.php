<?php

declare(strict_types=1);

namespace App\Hold\Places;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Format\Words;
use App\Kitchen\Once;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Sectum\Hold\Logger\BadRow;
use Sectum\Hold\Logger\DateOrder;
use Sectum\Hold\Logger\LoggerMap;
use Sectum\Hold\Logger\Sample;
use Sectum\Refusal;

/**
 * A logger's CSV file goes into the record of a place. The page sends it piece by piece, so that half a million rows
 * take no more memory than a few thousand; how files with these headers are read is kept.
 */
final readonly class TakeLoggerFile
{
    /** Rows that were left out and are named. */
    private const NAMED = 12;

    public function __construct(private KeepTemperatures $keep)
    {
    }

    /** @return Answer how the file is read, and its first rows as they are understood */
    public function preview(Fields $fields): array
    {
        $lines = $fields->strings('lines');
        ($header = $lines[0] ?? '') !== '' || throw Fault::inField('/lines', 'This file is empty.');
        $given = $fields->has('map') ? $fields->fields('map') : self::kept($header);
        try {
            $map = $given === null
                ? LoggerMap::guess($lines, Settings::load()->time->zone)
                : self::map($given);
            $fault = null;
        } catch (Refusal $refusal) {
            [$map, $fault] = [null, Words::refused($refusal)];
        }
        $separator = $map->separator ?? LoggerMap::separator($header);

        return [
            'headers' => LoggerMap::cells($header, $separator),
            'map' => $map === null ? null : self::shown($map),
            'known' => $given !== null && ! $fields->has('map'),
            'fault' => $fault,
            'rows' => $map === null ? [] : array_map(
                fn (string $line): array => self::row($map, $line),
                array_values(array_filter(array_slice($lines, 1), fn (string $line): bool => trim($line) !== '')),
            ),
        ];
    }

    /** @return Answer how much of this piece was new, and what was left out */
    public function take(string $place, string $act, Fields $fields, Person $person): array
    {
        $map = Fault::within('/map', fn (): LoggerMap => self::map($fields->fields('map')));
        [$samples, $refused, $count] = [[], [], 0];
        $words = Words::ofReader();
        for ($line = strtok($fields->string('text'), "\r\n"); $line !== false; $line = strtok("\r\n")) {
            if (trim($line) === '' || $line === $fields->string('header')) {
                continue;
            }
            try {
                $samples[] = $map->row($line);
            } catch (BadRow $bad) {
                $count++;
                if (count($refused) < self::NAMED && ($said = $bad->said()) !== null) {
                    $refused[] = $words->say($said);
                }
            }
        }
        $new = DB::connection()->transaction(function () use ($place, $act, $fields, $samples, $person): int {
            $known = Place::query()->findOrFail($place);
            if (! Once::isNew($act, "file {$place}", $fields)) {
                return 0;
            }
            LoggerMaps::rows()->upsert(
                ['header' => self::key($fields->string('header')), 'map' => self::json($fields->fields('map'))],
                ['header'],
            );

            return ($this->keep)($known, $samples, 'file', $person);
        });

        return [
            'rows' => count($samples) + $count,
            'new' => $new,
            'refused' => $count,
            'why' => array_values(array_unique($refused)),
        ];
    }

    /** @return Answer */
    private static function row(LoggerMap $map, string $line): array
    {
        try {
            $sample = $map->row($line);
        } catch (BadRow $bad) {
            $said = $bad->said();

            return [
                'at' => '',
                'air' => null,
                'core' => null,
                'fault' => $said === null ? '' : Words::ofReader()->say($said),
            ];
        }
        $words = Words::ofReader();

        return [
            'at' => self::at($sample),
            'air' => $sample->air === null ? null : $words->degrees($sample->air),
            'core' => $sample->core === null ? null : $words->degrees($sample->core),
            'fault' => null,
        ];
    }

    private static function at(Sample $sample): string
    {
        return (new DateTimeImmutable("@{$sample->at}"))
            ->setTimezone(Settings::load()->time->zone)
            ->format('D j M Y, H:i');
    }

    private static function map(Fields $map): LoggerMap
    {
        $zone = $map->string('zone');

        return new LoggerMap(
            $map->string('separator'),
            $map->int('time'),
            $map->maybeInt('date'),
            $map->maybeInt('air'),
            $map->maybeInt('core'),
            DateOrder::from($map->string('dates')),
            $map->bool('comma'),
            $map->bool('fahrenheit'),
            in_array($zone, DateTimeZone::listIdentifiers(DateTimeZone::ALL), true)
                ? new DateTimeZone($zone)
                : throw Fault::inField('/map/zone', "There is no time zone {$zone}."),
        );
    }

    /** @return Answer */
    private static function shown(LoggerMap $map): array
    {
        return [
            'separator' => $map->separator,
            'time' => $map->time,
            'date' => $map->date,
            'air' => $map->air,
            'core' => $map->core,
            'dates' => $map->dates->value,
            'comma' => $map->comma,
            'fahrenheit' => $map->fahrenheit,
            'zone' => $map->zone->getName(),
        ];
    }

    private static function kept(string $header): ?Fields
    {
        $json = LoggerMaps::rows()->where('header', self::key($header))->value('map');
        $map = is_string($json) ? json_decode($json, true) : null;

        return is_array($map) ? new Fields($map) : null;
    }

    private static function key(string $header): string
    {
        return hash('sha256', trim($header));
    }

    private static function json(Fields $map): string
    {
        return json_encode($map->all(), JSON_THROW_ON_ERROR);
    }
}
