<?php

declare(strict_types=1);

namespace Sectum\Receive;

use Sectum\Fish\Hazard;

/**
 * Whether a fish may go to raw service as it came, by its kind and its papers.
 *
 * After FDA Food Code 3-402.11: raw fish is frozen first, but for certain tunas and for farmed fish fed only feed free
 * of live parasites, with the proof kept. Fish whose oil purges or whose blood is poisonous is never offered raw.
 */
final readonly class RawService
{
    /** The tunas of Food Code 3-402.11(B). */
    public const EXEMPT_TUNAS = [
        'Thunnus alalunga',
        'Thunnus albacares',
        'Thunnus atlanticus',
        'Thunnus maccoyii',
        'Thunnus obesus',
        'Thunnus orientalis',
        'Thunnus thynnus',
    ];

    /** @param  string  $why  one sentence, for either answer */
    private function __construct(public bool $open, public string $why)
    {
    }

    /**
     * @param  list<Hazard>  $hazards
     * @param  string|null  $proof  the paper that came with it: "farmed feed" or "frozen"; null when none did
     * @param  FrozenHere|null  $frozen  the house's own record that met a rule; null without one
     */
    public static function of(?string $scientific, array $hazards, ?string $proof, ?FrozenHere $frozen = null): self
    {
        return match (true) {
            in_array(Hazard::Toxin, $hazards, true) => new self(false, Hazard::Toxin->caution()),
            in_array(Hazard::Purging, $hazards, true) => new self(false, Hazard::Purging->caution()),
            $proof === 'farmed feed' => new self(
                true,
                'Farmed on feed free of live parasites, proof kept: meets FDA Food Code 3-402.11. '.Freshness::CHECK,
            ),
            $proof === 'frozen' => new self(
                true,
                'Frozen by the supplier, proof kept: see FDA Food Code 3-402.11. '.Freshness::CHECK,
            ),
            $frozen !== null => new self(
                true,
                "Freezing record {$frozen->record}: meets {$frozen->rule}. ".Freshness::CHECK,
            ),
            in_array($scientific, self::EXEMPT_TUNAS, true) => new self(
                true,
                'A tuna exempt from freezing under FDA Food Code 3-402.11. '.Freshness::CHECK,
            ),
            default => new self(
                false,
                'No proof of freezing or farmed feed: does not meet FDA Food Code 3-402.11 for raw service. '.
                    Freshness::CHECK,
            ),
        };
    }
}
