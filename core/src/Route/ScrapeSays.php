<?php

declare(strict_types=1);

namespace Sectum\Route;

use Sectum\Sentence;

/** Whether scraping a part pays; without prices for whoever sees none. */
enum ScrapeSays: string implements Sentence
{
    case Pays = 'pays';
    case DoesNotPay = 'does-not-pay';
    case PaysUnpriced = 'pays-unpriced';
    case DoesNotPayUnpriced = 'does-not-pay-unpriced';
}
