<?php

declare(strict_types=1);

namespace App\Receive\Sourcing;

use App\Catalogue\Species;
use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Supplier;
use App\Kitchen\Database\Row;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** What this house does not buy: a list the head chef writes, flagged wherever it is offered. */
final readonly class SourcingController
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function index(): JsonResponse
    {
        return new JsonResponse([
            'rules' => array_map(
                fn (Sourcing $one): array => [
                    'id' => $one->id,
                    'species' => $one->species?->name,
                    'area' => $one->area,
                    'gear' => $one->gear,
                    'supplier' => $one->supplier?->name,
                    'reason' => $one->reason,
                    'by' => $one->writer->name,
                    'at' => Moment::at($one->written_at)->format('j M Y'),
                ],
                array_values(
                    Sourcing::query()
                        ->with(['species', 'supplier', 'writer'])
                        ->whereNull('ended_at')
                        ->orderBy('id')
                        ->get()
                        ->all(),
                ),
            ),
            'species' => self::named(Row::all(Species::rows()->orderBy('name')->get(['id', 'name']))),
            'suppliers' => self::named(Row::all(Supplier::rows()->orderBy('name')->get(['id', 'name']))),
        ]);
    }

    public function store(Request $request, string $act): JsonResponse
    {
        $person = Person::of($request);
        $person->mustBeHeadChef('The head chef says what is not bought.');
        $fields = Fields::of($request);
        DB::connection()->transaction(function () use ($act, $fields, $person): void {
            $new = new Sourcing([
                'id' => $act,
                'species_id' => self::known(
                    'species',
                    Species::query()->find($fields->maybeString('species')),
                    $fields,
                ),
                'area' => trim($fields->maybeString('area') ?? ''),
                'gear' => trim($fields->maybeString('gear') ?? ''),
                'supplier_id' => self::known(
                    'supplier',
                    Supplier::query()->find($fields->maybeString('supplier')),
                    $fields,
                ),
                'reason' => trim($fields->maybeString('reason') ?? ''),
                'written_by' => $person->id,
                'written_at' => Moment::written($this->clock->now()),
            ]);
            Fault::within('', fn () => $new->rule());
            Sourcing::query()->find($act) ?? $new->save();
        });

        return $this->index();
    }

    public function end(Request $request, string $act): JsonResponse
    {
        Person::of($request)->mustBeHeadChef('The head chef says what is not bought.');
        Sourcing::query()
            ->whereKey(Sourcing::query()->findOrFail($act)->id)
            ->whereNull('ended_at')
            ->update(['ended_at' => Moment::written($this->clock->now())]);

        return $this->index();
    }

    /**
     * @param  list<Row>  $rows
     * @return list<array{id: string, name: string}>
     */
    private static function named(array $rows): array
    {
        return array_map(fn (Row $row): array => ['id' => $row->text('id'), 'name' => $row->text('name')], $rows);
    }

    private static function known(string $field, Species|Supplier|null $found, Fields $fields): ?string
    {
        return $found === null && $fields->maybeString($field) !== null
            ? throw Fault::inField("/{$field}", 'That is not known here. Choose from the list.')
            : $found?->id;
    }
}
