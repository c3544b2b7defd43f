<?php

declare(strict_types=1);

namespace App\Receive;

use App\Contract\ContractRequest;

final class WeighInRequest extends ContractRequest
{
    protected function schema(): string
    {
        return 'weigh-in';
    }
}
