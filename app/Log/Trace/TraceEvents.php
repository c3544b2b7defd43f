<?php

declare(strict_types=1);

namespace App\Log\Trace;

use App\Fish\DeliveryLine;
use App\Fish\Fish;
use App\Fish\Piece;
use App\Fish\Stage;
use App\Kitchen\Moment;
use Sectum\Gs1\DigitalLink;
use Sectum\Log\Event;
use Sectum\Measure\Mass;
use Symfony\Component\Uid\Ulid;

/** What happened to fish, as events one step back and one step forward. */
final readonly class TraceEvents
{
    /** Names of things that have no number of their own anywhere else. */
    private const OWN = 'https://sectum.example/';

    public function __construct(private FoundPlaces $places)
    {
    }

    /** @return list<Event> */
    public function of(Recalled $recalled): array
    {
        $events = [];
        foreach ($recalled->lines as $line) {
            $fish = $recalled->fish->where('line_id', $line->id);
            foreach (
                [
                    'receiving' => $fish->where('stage', '!=', Stage::Refused),
                    'refusing' => $fish->where('stage', Stage::Refused),
                ] as $kind => $some
            ) {
                $mass = $some->reduce(fn (Mass $sum, Fish $one): Mass => $sum->plus($one->mass()), Mass::zero());
                if ($mass->isPositive()) {
                    $events[] = new Event(
                        $kind,
                        self::uuid($line->id, $kind),
                        Moment::at($some->first()->received_at ?? $line->delivery->received_at),
                        [self::lot($line) => $mass],
                        facts: self::facts($line),
                    );
                }
            }
        }
        foreach ($recalled->fish as $one) {
            if ($one->line === null) {
                $events[] = new Event(
                    'receiving',
                    self::uuid($one->id, 'receiving'),
                    Moment::at($one->received_at),
                    [self::OWN."fish/{$one->id}" => $one->mass()],
                    facts: [
                        'species' => $one->species->scientific ?? $one->species->name,
                        'source' => $one->supplier_name,
                    ],
                );
            }
            if ($one->isCut()) {
                $events[] = $this->cut($one);
            }
        }

        return $events;
    }

    private function cut(Fish $fish): Event
    {
        $outputs = [];
        foreach ($this->places->of($fish) as [$piece, $place]) {
            if ($piece instanceof Piece && $place->family !== null) {
                $uri = self::OWN."fish/{$fish->id}/{$piece->part->value}";
                $outputs[$uri] = ($outputs[$uri] ?? Mass::zero())->plus($place->mass);
            }
        }
        $last = $fish->pieces
            ->flatMap(fn (Piece $piece): array => array_values($piece->readings->pluck('taken_at')->all()))
            ->max();
        $where = array_unique(array_map(fn (array $pair): string => $pair[1]->name, $this->places->of($fish)));

        return new Event(
            'breaking down',
            self::uuid($fish->id, 'breaking down'),
            Moment::at(is_string($last) ? $last : $fish->received_at),
            [$fish->line === null ? self::OWN."fish/{$fish->id}" : self::lot($fish->line) => $fish->mass()],
            $outputs,
            [
                'fishNumber' => (string) $fish->number,
                'species' => $fish->species->scientific ?? $fish->species->name,
                'whereNow' => implode('; ', $where),
            ],
        );
    }

    /** The class all fish of a line belong to: its trade item and lot, or a name of ours when the label gave none. */
    private static function lot(DeliveryLine $line): string
    {
        return $line->gtin !== null && $line->lot !== null
            ? DigitalLink::ofLot($line->gtin, $line->lot)
            : self::OWN."line/{$line->id}";
    }

    /** @return array<string, string> */
    private static function facts(DeliveryLine $line): array
    {
        return array_filter(
            [
                'species' => $line->species->scientific ?? $line->species->name,
                'source' => $line->delivery->supplier->name,
                'invoice' => $line->delivery->number,
                'lot' => $line->lot ?? '',
                'catchArea' => $line->area ?? '',
                'gear' => $line->gear ?? '',
                'vessel' => $line->vessel ?? '',
                'production' => $line->production ?? '',
                'landed' => $line->landed_on ?? '',
                'harvested' => $line->harvested_on ?? '',
            ],
            fn (string $fact): bool => $fact !== '',
        );
    }

    /** The same event has the same name, whenever it is written out. */
    private static function uuid(string $of, string $kind): string
    {
        $hash = hash('sha256', Ulid::fromString($of)->toRfc4122().$kind);

        return sprintf(
            'urn:uuid:%s-%s-8%s-a%s-%s',
            substr($hash, 0, 8),
            substr($hash, 8, 4),
            substr($hash, 12, 3),
            substr($hash, 15, 3),
            substr($hash, 18, 12),
        );
    }
}
