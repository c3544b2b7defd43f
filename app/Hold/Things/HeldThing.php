<?php

declare(strict_types=1);

namespace App\Hold\Things;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Piece;
use App\Portion\Tray\PortionTray;
use Sectum\Fish\Part;

/** What is frozen, treated, packed and thawed as one: a whole fish, a side, a piece, or a tray of portions. */
final readonly class HeldThing
{
    public function __construct(public ?Piece $piece, public ?PortionTray $tray)
    {
    }

    /**
     * The one that was chosen.
     *
     * @param  Fields  $what  with a tray, or a piece
     *
     * @throws Fault in the field, when there is none or its weight was taken back
     */
    public static function chosen(Fields $what, string $pointer = ''): self
    {
        if ($what->has('tray')) {
            $tray = PortionTray::query()->with(['dish', 'pieces'])->find($what->string('tray'));

            return $tray === null
                ? throw Fault::inField("{$pointer}/tray", 'There is no such tray.')
                : new self(null, $tray);
        }
        $piece = Piece::query()->with('readings.void')->find($what->maybeString('piece') ?? '');

        return $piece?->reading() === null
            ? throw Fault::inField("{$pointer}/piece", 'There is no such fish or side.')
            : new self($piece, null);
    }

    /** @param  string  $fish  what its fish is called; a tray is known by its number and dish */
    public function name(string $fish): string
    {
        return match (true) {
            $this->tray !== null => "Tray {$this->tray->number}, {$this->tray->dish->name}",
            $this->piece === null || $this->piece->part === Part::Whole => $fish,
            default => "{$this->piece->name}, {$fish}",
        };
    }

    /** As it stands in a sentence about its own fish: "tray 4", "Side A". */
    public function short(): string
    {
        return $this->tray === null ? $this->piece->name ?? '' : "tray {$this->tray->number}";
    }

    /** @return list<string> ids of the fish it is of */
    public function fishIds(): array
    {
        return $this->tray === null
            ? ($this->piece === null ? [] : [$this->piece->fish_id])
            : array_values(
                array_unique(array_map(fn (Piece $one): string => $one->fish_id, $this->tray->pieces->all())),
            );
    }

    /** @return array{piece_id: string|null, batch_id: string|null} as a row names it */
    public function columns(): array
    {
        return ['piece_id' => $this->piece?->id, 'batch_id' => $this->tray?->id];
    }
}
