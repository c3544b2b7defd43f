<?php

declare(strict_types=1);

namespace Sectum\Fish;

/** What has to come off the skin before it can be eaten. */
enum ScaleType: string
{
    case None = 'none';
    case Small = 'small';
    case Large = 'large';
    /** Bony plates or scutes: scraping does not do it. */
    case Bony = 'bony';
}
