<?php

declare(strict_types=1);

namespace App\Portion;

use App\Contract\ContractRequest;

final class WantedRequest extends ContractRequest
{
    protected function schema(): string
    {
        return 'wanted';
    }
}
