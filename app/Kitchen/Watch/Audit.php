<?php

declare(strict_types=1);

namespace App\Kitchen\Watch;

use App\Contract\Fault;
use App\Kitchen\Csv;
use App\Kitchen\Database\Row;
use App\Kitchen\Happened;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use DateTimeImmutable;
use Illuminate\Database\Query\Builder;

/** Who did what, the last first: everything that was written down as it happened, found by person, day or word. */
final readonly class Audit
{
    private const PAGE = 50;

    /** Rows handed over at once. */
    private const MOST = 20_000;

    private const DAY = '/^\d{4}-\d{2}-\d{2}$/';

    /** @param  array<string, string>  $sought  person, from, until (days of the kitchen), q, before (an id) */
    private function __construct(private array $sought)
    {
    }

    /**
     * @param  array<array-key, mixed>  $query
     *
     * @throws Fault at the field that makes no sense
     */
    public static function of(array $query): self
    {
        $sought = [];
        foreach (['person', 'from', 'until', 'q', 'before'] as $name) {
            $value = $query[$name] ?? '';
            $sought[$name] = is_string($value) ? trim($value) : '';
        }
        foreach (['from', 'until'] as $day) {
            $sought[$day] === '' ||
                preg_match(self::DAY, $sought[$day]) === 1 ||
                throw Fault::inField("/{$day}", 'Write the day as 2026-11-28.');
        }
        $sought['before'] === '' ||
            ctype_digit($sought['before']) ||
            throw Fault::inField('/before', 'Go back to the first page.');

        return new self($sought);
    }

    /** @return Answer */
    public function page(): array
    {
        $rows = Row::all($this->found()->limit(self::PAGE + 1)->get());
        $names = self::names();
        $shown = array_slice($rows, 0, self::PAGE);

        return [
            'rows' => array_map(
                fn (Row $one): array => [
                    'id' => (int) $one->number('id'),
                    'at' => self::at($one)->format('D j M Y, H:i'),
                    'who' => $names[$one->text('causer_id')] ?? '',
                    'what' => $one->text('description'),
                    'fish' => $one->text('subject_type') === 'fish' ? $one->text('subject_id') : null,
                ],
                $shown,
            ),
            'more' => count($rows) > self::PAGE ? $shown[self::PAGE - 1]->text('id') : null,
            'people' => array_map(
                fn (string $id, string $name): array => ['id' => $id, 'name' => $name],
                array_keys($names),
                array_values($names),
            ),
        ];
    }

    /** The same as a table. */
    public function table(): string
    {
        $names = self::names();
        $rows = [];
        foreach (Row::all($this->found()->limit(self::MOST)->get()) as $one) {
            $rows[] = [
                self::at($one)->format('c'),
                $names[$one->text('causer_id')] ?? '',
                $one->text('description'),
                $one->text('subject_id'),
            ];
        }

        return Csv::of(['at', 'who', 'what', 'about'], $rows);
    }

    private function found(): Builder
    {
        $all = (new Happened())->getConnection()->table('activity_log')->orderByDesc('id');
        $sought = array_filter($this->sought, fn (string $value): bool => $value !== '');
        foreach ($sought as $name => $value) {
            match ($name) {
                'person' => $all->where('causer_id', strtoupper($value)),
                'from' => $all->where('created_at', '>=', self::begins($value)),
                'until' => $all->where('created_at', '<', self::begins($value, 1)),
                'q' => $all->whereRaw("description like ? escape '\\'", ['%'.addcslashes($value, '%_\\').'%']),
                default => $all->where('id', '<', (int) $value),
            };
        }

        return $all;
    }

    /** When a kitchen's day begins, as the table writes it. */
    private static function begins(string $day, int $later = 0): string
    {
        $at = Moment::at($day);

        return Settings::load()->time
            ->begins($later === 0 ? $at : $at->modify("+{$later} day"))
            ->setTimezone(new \DateTimeZone('UTC'))
            ->format('Y-m-d H:i:s');
    }

    /** On the house's clock; the table writes universal time. */
    private static function at(Row $one): DateTimeImmutable
    {
        return Moment::at($one->text('created_at').'Z');
    }

    /** @return array<string, string> everybody who ever worked here, by id */
    private static function names(): array
    {
        $names = [];
        foreach (Person::query()->orderBy('created_at')->get(['id', 'name']) as $person) {
            $names[$person->id] = $person->name;
        }

        return $names;
    }
}
