<?php

declare(strict_types=1);

namespace Sectum\Log\Find;

use Sectum\BreakDown\Reconciliation;
use Sectum\BreakDown\Verdict;

/** Why nothing is learned from a fish: its figures cannot be right. It is shown, left out, and counted. */
enum SuspectWhy: string
{
    /** A yield that no fish has. */
    case Impossible = 'impossible';
    /** More came off than went on. */
    case TooMuch = 'too-much';
    /** One of its weights does not fit the others. */
    case Reading = 'reading';

    /**
     * @param  string  $whole  the piece that is the whole fish: where its own cut adds up, a weight that fits no other
     *     further down says nothing against its yield
     * @param  float|null  $yieldPct  null while nothing was cut
     */
    public static function of(Reconciliation $reconciled, string $whole, ?float $yieldPct): ?self
    {
        if ($yieldPct !== null && ($yieldPct <= 0 || $yieldPct >= 100)) {
            return self::Impossible;
        }
        $closed = false;
        foreach ($reconciled->closures as $closure) {
            if ($closure->verdict === Verdict::Over) {
                return self::TooMuch;
            }
            $closed = $closed || ($closure->parent === $whole && $closure->verdict === Verdict::Closed);
        }

        return $closed || $reconciled->suspects === [] ? null : self::Reading;
    }
}
