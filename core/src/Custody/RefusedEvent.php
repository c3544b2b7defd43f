<?php

declare(strict_types=1);

namespace Sectum\Custody;

/** An event, or one thing of it, that the law does not allow and that was not applied. */
final readonly class RefusedEvent
{
    /** @param  int  $event  its place among the events, from 0 */
    public function __construct(public int $event, public CustodyCode $code, public string $id)
    {
    }
}
