<?php

declare(strict_types=1);

namespace Sectum\Practise\Gate;

use Sectum\Practise\BadDrill;

/** A side that was searched for bones. */
final readonly class SideSearched
{
    /** @throws BadDrill when more were found than there were */
    public function __construct(public int $bones, public int $found)
    {
        $found <= $bones || throw new BadDrill('More were found than there were.', $found, '/found');
    }
}
