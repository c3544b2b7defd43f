<?php

declare(strict_types=1);

namespace App\Log\House;

use App\Catalogue\Species;
use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Supplier;
use App\Kitchen\Database\Row;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Once;
use App\Kitchen\Person;
use App\Log\Ledger\LoggedFish;
use App\Log\Ledger\OldYieldRow;
use App\Log\Ledger\StaleFish;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\Log\House\OldYield;
use Sectum\Log\House\YieldFile;

/** Yields of an old notebook or of another house: looked at first, then taken over, and taken back as a whole. */
final readonly class OldYields
{
    /** Rows that are shown before they are taken. */
    private const SHOWN = 12;

    public function __construct(private ClockInterface $clock)
    {
    }

    /** @return Answer */
    public function preview(Fields $fields, Person $person): array
    {
        $file = $this->read($fields, $person);
        $known = self::species();
        $faulty = array_filter($file->rows, fn (OldYield $row): bool => self::faults($row, $known) !== []);

        return [
            'headers' => $file->headers,
            'says' => YieldFile::says(),
            'columns' => (object) $file->columns,
            'faults' => $file->faults,
            'good' => count($file->rows) - count($faulty),
            'faulty' => count($faulty),
            'rows' => array_map(fn (OldYield $row): array => [
                'place' => $row->place,
                'name' => $row->name,
                'mass' => $row->each === null ? null : Words::ofReader()->text($row->each),
                'yield' => $row->pct === null ? null : round($row->pct, 1),
                'day' => $row->day?->format('j M Y'),
                'cutter' => $row->cutter,
                'faults' => self::faults($row, $known),
            ], array_slice([...$faulty, ...array_diff_key($file->rows, $faulty)], 0, self::SHOWN)),
        ];
    }

    public function take(string $act, Fields $fields, Person $person): void
    {
        $file = $this->read($fields, $person);
        $file->faults === [] || throw Fault::inField('/columns', $file->faults[0]);
        $known = self::species();
        DB::connection()->transaction(function () use ($act, $fields, $person, $file, $known): void {
            if (! Once::isNew($act, 'old yields', $fields)) {
                return;
            }
            $people = self::ids(Person::query()->pluck('id', 'name')->all());
            $suppliers = self::ids(Supplier::query()->pluck('id', 'name')->all());
            $rows = [];
            foreach ($file->rows as $row) {
                if (self::faults($row, $known) === [] && $row->each !== null && $row->pct !== null) {
                    $rows[] = [
                        'act' => $act,
                        'file' => $fields->string('name'),
                        'row' => $row->place,
                        'species_id' => $known[mb_strtolower($row->name)],
                        'state' => $row->state->value,
                        'step' => $row->step->value,
                        'each_mg' => $row->each->milligrams,
                        'yield_pct' => $row->pct,
                        'cut_on' => $row->day?->format('Y-m-d') ?? '',
                        // A name of this house is that person, or that supplier; any other stays a name.
                        'cutter' => $people[mb_strtolower($row->cutter)] ?? self::old($row->cutter),
                        'supplier' => $suppliers[mb_strtolower($row->supplier)] ?? self::old($row->supplier),
                        'method' => self::old($row->method),
                        'taken_by' => $person->id,
                        'taken_at' => Moment::written($this->clock->now()),
                    ];
                }
            }
            $rows !== [] || throw Fault::inField('/file', 'No row of it can be taken.');
            foreach (array_chunk($rows, 200) as $some) {
                OldYieldRow::rows()->insert($some);
            }
            self::expectAnew(array_values(array_unique(array_column($rows, 'species_id'))));
        });
    }

    public function takeBack(string $act): void
    {
        DB::connection()->transaction(function () use ($act): void {
            $of = OldYieldRow::rows()->where('act', $act)->distinct()->pluck('species_id')->all();
            OldYieldRow::rows()->where('act', $act)->delete();
            self::expectAnew(array_map(fn (mixed $one): string => is_string($one) ? $one : '', array_values($of)));
        });
    }

    /**
     * What is expected of these kinds is worked out anew: one fish of each is enough to ask for it.
     *
     * @param  list<string>  $species
     */
    private static function expectAnew(array $species): void
    {
        $one = Row::all(
            LoggedFish::rows()
                ->whereIn('species_id', $species)
                ->groupBy('species_id', 'state')
                ->selectRaw('min(fish_id) as fish_id')
                ->get(),
        );
        StaleFish::mark(array_map(fn (Row $row): string => $row->text('fish_id'), $one));
    }

    /** A name nobody here has, told from every id. */
    private static function old(string $name): string
    {
        return $name === '' ? '' : OldYieldRow::OLD.$name;
    }

    /** @return list<Answer> files that were taken over, the last first */
    public static function files(): array
    {
        $files = [];
        foreach (
            OldYieldRow::rows()
                ->groupBy('act', 'file', 'taken_at')
                ->orderByDesc('taken_at')
                ->selectRaw('act, file, taken_at, count(*) as many')
                ->get() as $one
        ) {
            $row = Row::of($one);
            $files[] = [
                'act' => $row->text('act'),
                'file' => $row->text('file'),
                'rows' => (int) $row->number('many'),
                'taken' => Moment::at($row->text('taken_at'))->format('D j M Y'),
            ];
        }

        return $files;
    }

    private function read(Fields $fields, Person $person): YieldFile
    {
        $columns = $fields->has('columns') ? $fields->fields('columns')->texts() : null;

        return Fault::within('', fn (): YieldFile => YieldFile::read(
            $fields->string('file'),
            $columns,
            $person->units,
            $fields->maybeString('dates') !== 'mdy',
        ));
    }

    /**
     * @param  array<string, string>  $known
     * @return list<string>
     */
    private static function faults(OldYield $row, array $known): array
    {
        return isset($known[mb_strtolower($row->name)])
            ? $row->faults
            : [...$row->faults, "No fish here is called “{$row->name}”."];
    }

    /** @return array<string, string> ids by name in lower case, other names too */
    private static function species(): array
    {
        $known = [];
        foreach (Species::query()->get(['id', 'name', 'scientific', 'other_names']) as $one) {
            foreach ([...explode('|', $one->other_names), (string) $one->scientific, $one->name] as $name) {
                if (trim($name) !== '') {
                    $known[mb_strtolower(trim($name))] = $one->id;
                }
            }
        }

        return $known;
    }

    /**
     * @param  array<array-key, mixed>  $names
     * @return array<string, string>
     */
    private static function ids(array $names): array
    {
        $ids = [];
        foreach ($names as $name => $id) {
            if (is_string($id)) {
                $ids[mb_strtolower((string) $name)] = $id;
            }
        }

        return $ids;
    }
}
