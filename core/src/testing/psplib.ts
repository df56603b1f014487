/*
 * Five small instances of the resource-constrained project scheduling problem, in the format of its
 * library (PSPLIB, .sm). Written down from memory in the manner of textbook examples: the library
 * itself is not on the registries.
 */
export const PSPLIB: Readonly<Record<string, string>> = {
  chain: `************************************************************************
file with basedata            : chain.bas
initial value random generator: 0
************************************************************************
projects                      :  1
jobs (incl. supersource/sink ):  6
horizon                       :  14
RESOURCES
  - renewable                 :  1   R
  - nonrenewable              :  0   N
  - doubly constrained        :  0   D
************************************************************************
PROJECT INFORMATION:
pronr.  #jobs rel.date duedate tardcost  MPM-Time
    1      4      0        0        0        0
************************************************************************
PRECEDENCE RELATIONS:
jobnr.    #modes  #successors   successors
   1        1          1         2
   2        1          1         3
   3        1          1         4
   4        1          1         5
   5        1          1         6
   6        1          0      
************************************************************************
REQUESTS/DURATIONS:
jobnr. mode duration  R 1  
------------------------------------------------------------------------
  1      1     0       0
  2      1     3       1
  3      1     4       2
  4      1     2       1
  5      1     5       2
  6      1     0       0
************************************************************************
RESOURCEAVAILABILITIES:
  R 1
    2
************************************************************************
`,
  house: `************************************************************************
file with basedata            : house.bas
initial value random generator: 0
************************************************************************
projects                      :  1
jobs (incl. supersource/sink ):  9
horizon                       :  23
RESOURCES
  - renewable                 :  1   R
  - nonrenewable              :  0   N
  - doubly constrained        :  0   D
************************************************************************
PROJECT INFORMATION:
pronr.  #jobs rel.date duedate tardcost  MPM-Time
    1      7      0        0        0        0
************************************************************************
PRECEDENCE RELATIONS:
jobnr.    #modes  #successors   successors
   1        1          2         2   3
   2        1          2         4   5
   3        1          1         5
   4        1          1         6
   5        1          2         6   7
   6        1          1         8
   7        1          1         8
   8        1          1         9
   9        1          0      
************************************************************************
REQUESTS/DURATIONS:
jobnr. mode duration  R 1  
------------------------------------------------------------------------
  1      1     0       0
  2      1     4       2
  3      1     3       3
  4      1     5       2
  5      1     2       4
  6      1     3       3
  7      1     4       1
  8      1     2       2
  9      1     0       0
************************************************************************
RESOURCEAVAILABILITIES:
  R 1
    4
************************************************************************
`,
  packing: `************************************************************************
file with basedata            : packing.bas
initial value random generator: 0
************************************************************************
projects                      :  1
jobs (incl. supersource/sink ):  8
horizon                       :  17
RESOURCES
  - renewable                 :  1   R
  - nonrenewable              :  0   N
  - doubly constrained        :  0   D
************************************************************************
PROJECT INFORMATION:
pronr.  #jobs rel.date duedate tardcost  MPM-Time
    1      6      0        0        0        0
************************************************************************
PRECEDENCE RELATIONS:
jobnr.    #modes  #successors   successors
   1        1          6         2   3   4   5   6   7
   2        1          1         8
   3        1          1         8
   4        1          1         8
   5        1          1         8
   6        1          1         8
   7        1          1         8
   8        1          0      
************************************************************************
REQUESTS/DURATIONS:
jobnr. mode duration  R 1  
------------------------------------------------------------------------
  1      1     0       0
  2      1     3       2
  3      1     4       3
  4      1     2       4
  5      1     3       1
  6      1     1       3
  7      1     4       2
  8      1     0       0
************************************************************************
RESOURCEAVAILABILITIES:
  R 1
    4
************************************************************************
`,
  parallel: `************************************************************************
file with basedata            : parallel.bas
initial value random generator: 0
************************************************************************
projects                      :  1
jobs (incl. supersource/sink ):  6
horizon                       :  14
RESOURCES
  - renewable                 :  1   R
  - nonrenewable              :  0   N
  - doubly constrained        :  0   D
************************************************************************
PROJECT INFORMATION:
pronr.  #jobs rel.date duedate tardcost  MPM-Time
    1      4      0        0        0        0
************************************************************************
PRECEDENCE RELATIONS:
jobnr.    #modes  #successors   successors
   1        1          4         2   3   4   5
   2        1          1         6
   3        1          1         6
   4        1          1         6
   5        1          1         6
   6        1          0      
************************************************************************
REQUESTS/DURATIONS:
jobnr. mode duration  R 1  
------------------------------------------------------------------------
  1      1     0       0
  2      1     4       1
  3      1     4       1
  4      1     3       1
  5      1     3       1
  6      1     0       0
************************************************************************
RESOURCEAVAILABILITIES:
  R 1
    2
************************************************************************
`,
  'two-crews': `************************************************************************
file with basedata            : two-crews.bas
initial value random generator: 0
************************************************************************
projects                      :  1
jobs (incl. supersource/sink ):  8
horizon                       :  16
RESOURCES
  - renewable                 :  2   R
  - nonrenewable              :  0   N
  - doubly constrained        :  0   D
************************************************************************
PROJECT INFORMATION:
pronr.  #jobs rel.date duedate tardcost  MPM-Time
    1      6      0        0        0        0
************************************************************************
PRECEDENCE RELATIONS:
jobnr.    #modes  #successors   successors
   1        1          3         2   3   4
   2        1          1         5
   3        1          2         5   6
   4        1          1         7
   5        1          1         8
   6        1          1         8
   7        1          1         8
   8        1          0      
************************************************************************
REQUESTS/DURATIONS:
jobnr. mode duration  R 1  R 2  
------------------------------------------------------------------------
  1      1     0       0    0
  2      1     3       2    0
  3      1     2       1    1
  4      1     4       0    2
  5      1     3       2    1
  6      1     2       3    0
  7      1     2       1    2
  8      1     0       0    0
************************************************************************
RESOURCEAVAILABILITIES:
  R 1  R 2
    3    2
************************************************************************
`,
};
